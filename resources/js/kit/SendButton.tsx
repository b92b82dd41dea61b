import type { ButtonHTMLAttributes } from "react";

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { isPending: boolean };

/** A button that makes or sends something: off while it works, and it keeps the focus. */
export default function SendButton({ isPending, type = "submit", onClick, ...button }: Props) {
  return (
    <button
      {...button}
      type={type}
      aria-busy={isPending}
      aria-disabled={isPending}
      onClick={(event) => {
        if (isPending) event.preventDefault();
        else onClick?.(event);
      }}
    />
  );
}
