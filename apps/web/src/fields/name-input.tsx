import { Input } from 'antd';
import { useEffect, useState } from 'react';

interface Props {
  id: string;
  value: string;
  /** A name as it is typed; an empty one is not taken. */
  onChange(name: string): void;
}

/** A name that may be emptied while it is typed; left empty, it is again what it was. */
export function NameInput({ id, value, onChange }: Props) {
  const [text, setText] = useState(value);
  const [typing, setTyping] = useState(false);
  useEffect(() => {
    if (!typing) setText(value);
  }, [value, typing]);
  return (
    <Input
      id={id}
      value={text}
      maxLength={120}
      onFocus={() => setTyping(true)}
      onChange={(event) => {
        setText(event.target.value);
        if (event.target.value.trim() !== '') onChange(event.target.value);
      }}
      onBlur={() => {
        setTyping(false);
        setText(value);
      }}
    />
  );
}
