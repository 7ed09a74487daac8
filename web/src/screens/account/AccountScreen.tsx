import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { ofBench } from "../../api/bench";
import { api, ApiError } from "../../api/client";
import { FormDialog } from "../../parts/FormDialog";
import { FormEnd } from "../../parts/FormEnd";
import { Heading } from "../../parts/Heading";
import { Notice } from "../../parts/Notice";
import { Screen } from "../../parts/Screen";
import { useSession } from "../../parts/useSession";
import { forgetSteps } from "../../saving/useHistory";
import { forgetDrafts } from "../../saving/useDraft";

/** Signing out, inviting another, and everything of one's own gone. */
export function AccountScreen() {
  const session = useSession();
  const queries = useQueryClient();
  // Nothing of hers stays on the page.
  const leave = () => {
    queries.clear();
    forgetDrafts();
    forgetSteps();
    location.assign("/sign-in");
  };
  const leaving = useMutation({ mutationFn: api.signOut, onSuccess: leave });
  const inviting = useMutation({ mutationFn: api.invite });
  const link = inviting.data && `${location.origin}${inviting.data.path}`;
  return (
    <Screen title="Account">
      <Heading>Account</Heading>
      {session?.name ? (
        <>
          <p>
            Signed in as <b>{session.name}</b>.
          </p>
          <p className="mt-2 flex flex-wrap gap-x-3 gap-y-2">
            <button type="button" className="button button-brass" onClick={() => leaving.mutate(false)}>
              Sign out
            </button>
            <button type="button" className="button" onClick={() => leaving.mutate(true)}>
              Sign out everywhere
            </button>
          </p>
          <h2 className="mt-4.5">Invite another</h2>
          <p className="quiet">
            She has a bench of her own; neither of you sees the other&rsquo;s. The link holds for a week,
            once.
          </p>
          <p className="mt-2 flex flex-wrap gap-x-3 gap-y-2">
            <button type="button" className="button" onClick={() => inviting.mutate()}>
              Make a link
            </button>
            {link && (
              <input
                className="boxed flex-[1_1_360px] px-2.5 text-md"
                readOnly
                aria-label="The link"
                value={link}
              />
            )}
          </p>
          <h2 className="mt-4.5">Everything of yours</h2>
          <p className="mt-2 flex flex-wrap gap-x-3 gap-y-2">
            <a className="button" href={ofBench("/api/bench")} download="oaken-gauge.json">
              Save everything as a file
            </a>
            <FormDialog
              title="Remove this account"
              trigger={
                <button type="button" className="button">
                  Remove this account
                </button>
              }
            >
              {() => <End onGone={leave} />}
            </FormDialog>
          </p>
          {[leaving, inviting].map(
            ({ error }, i) => error && <Notice key={i} tone="alarm">{error.message}</Notice>, // prettier-ignore
          )}
        </>
      ) : (
        <p>Nobody has to sign in here: the application is reached from this machine alone.</p>
      )}
    </Screen>
  );
}

function End({ onGone }: { onGone: () => void }) {
  const [passphrase, setPassphrase] = useState("");
  const ending = useMutation({ mutationFn: () => api.endAccount(passphrase), onSuccess: onGone });
  const error = ending.error instanceof ApiError ? ending.error : null;
  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        ending.mutate();
      }}
    >
      <p>
        Your bench goes with it: every project, block, tool and fabric. This cannot be undone. Save it as a
        file first.
      </p>
      <label className="entry">
        <span>Passphrase</span>
        <input
          className="boxed"
          type="password"
          autoComplete="current-password"
          value={passphrase}
          onChange={(event) => setPassphrase(event.target.value)}
        />
        {error?.at("/passphrase") && (
          <span role="alert" className="field-error">
            {error.at("/passphrase")}
          </span>
        )}
      </label>
      <FormEnd error={error} pending={ending.isPending} does="Remove everything" />
    </form>
  );
}
