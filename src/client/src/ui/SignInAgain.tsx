/** Leads to the sign-in and back to this page, where what was typed waits in this browser. */
export const SignInAgain = () => (
  <a className="act" href={`/sign-in?to=${encodeURIComponent(location.pathname + location.search)}`}>
    Sign in again; what you typed waits here
  </a>
);
