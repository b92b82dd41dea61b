import "../../css/app.css";
import { QueryCache, QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { RouterProvider } from "react-router/dom";
import { asProblem } from "../api/client";
import { startWords } from "../i18n/i18n";
import { reloadForMissingPart, renewIfOld } from "../shell/build";
import { forgetSession } from "../shell/session";
import { applyTheme } from "../shell/theme";
import { router } from "./router";

applyTheme();
const queries = new QueryClient({
  queryCache: new QueryCache({
    onError: (error) => {
      if (asProblem(error).isSignedOut) forgetSession(queries);
    },
  }),
  defaultOptions: {
    queries: {
      // What the server refused it will refuse again; only a lost connection or a fault is worth another try.
      retry: (tries, error) => tries < 2 && (asProblem(error).status === 0 || asProblem(error).status >= 500),
      staleTime: 2000,
      networkMode: "always",
    },
    // A browser that believes to be offline still tries: only then can the person be told that it failed.
    mutations: { networkMode: "always" },
  },
});

router.subscribe(({ navigation, location }) => {
  if (navigation.state === "idle") renewIfOld(location.pathname);
});
window.addEventListener("vite:preloadError", (event) => {
  if (reloadForMissingPart()) event.preventDefault();
});

await startWords();
const place = document.getElementById("app");
if (place) {
  createRoot(place).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </StrictMode>,
  );
}
