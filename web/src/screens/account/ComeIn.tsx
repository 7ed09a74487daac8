import { useMutation } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";

import { api, ApiError } from "../../api/client";
import { Heading } from "../../parts/Heading";
import { PlainHead } from "../../parts/head/PlainHead";
import { Notice } from "../../parts/Notice";
import { useTitle } from "../../parts/useTitle";

type Told = { name: string; passphrase: string };
type Mode = {
  title: string;
  does: string;
  named: boolean;
  fresh: boolean;
  come: (told: Told) => Promise<unknown>;
};

function code(): string {
  return new URLSearchParams(location.search).get("code") ?? "";
}

const MODES = {
  signIn: { title: "Sign in", does: "Sign in", named: true, fresh: false, come: (told) => api.signIn(told) },
  signUp: {
    title: "Make an account",
    does: "Make it",
    named: true,
    fresh: true,
    come: (told) => api.signUp({ ...told, code: code() }),
  },
  reset: {
    title: "A new passphrase",
    does: "Save it",
    named: false,
    fresh: true,
    come: ({ passphrase }) => api.resetPassphrase({ passphrase, code: code() }),
  },
} satisfies Record<string, Mode>;

export const SignIn = () => <ComeIn mode={MODES.signIn} />;
export const SignUp = () => <ComeIn mode={MODES.signUp} />;
export const Reset = () => <ComeIn mode={MODES.reset} />;

/** Where the application can be reached by others: who comes signs in, or makes an account by an invitation. */
function ComeIn({ mode }: { mode: Mode }) {
  const [told, setTold] = useState<Told>({ name: "", passphrase: "" });
  const coming = useMutation({
    mutationFn: mode.come,
    // The server says whose bench it is.
    onSuccess: () => location.assign("/"),
  });
  useTitle(mode.title);
  const error = coming.error instanceof ApiError ? coming.error : null;
  const field = (name: keyof Told, label: string, type: string, complete: string) => (
    <label className="entry">
      <span>{label}</span>
      <input
        className="boxed"
        type={type}
        autoComplete={complete}
        required
        value={told[name]}
        aria-invalid={error?.at(`/${name}`) !== undefined}
        onChange={(event) => setTold({ ...told, [name]: event.target.value })}
      />
      {error?.at(`/${name}`) && (
        <span role="alert" className="field-error">
          {error.at(`/${name}`)}
        </span>
      )}
    </label>
  );
  return (
    <>
      <PlainHead />
      <main className="middle p-5 text-center">
        <img src="/favicon.svg" alt="" width="54" height="54" />
        <Heading>{mode.title}</Heading>
        <form
          className="grid w-[min(340px,90vw)] gap-3 text-left [&_input]:w-full"
          onSubmit={(event: FormEvent) => {
            event.preventDefault();
            coming.mutate(told);
          }}
        >
          {mode.named && field("name", "Name", "text", "username")}
          {field("passphrase", "Passphrase", "password", mode.fresh ? "new-password" : "current-password")}
          {mode.fresh && !error?.at("/passphrase") && (
            <p className="quiet">Twelve letters or more: several words are good.</p>
          )}
          <button
            type="submit"
            className="button button-brass justify-self-start"
            disabled={coming.isPending}
          >
            {mode.does}
          </button>
        </form>
        {error && said(error) && <Notice tone="alarm">{said(error)}</Notice>}
        {!mode.fresh && (
          <p className="quiet">Who has no account needs an invitation from somebody who has one.</p>
        )}
      </main>
    </>
  );
}

/** What stands beside no field of the form. */
function said(error: ApiError): string | null {
  const code = error.at("/code");
  if (code) return `This link ${code}.`;
  return error.faults.length === 0 ? error.message : null;
}
