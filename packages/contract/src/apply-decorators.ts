/** Several property decorators as one, applied as if written below each other. */
export function applyDecorators(...decorators: PropertyDecorator[]): PropertyDecorator {
  return (target, property) => {
    for (const decorate of [...decorators].reverse()) decorate(target, property);
  };
}
