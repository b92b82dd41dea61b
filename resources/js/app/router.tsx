import { createBrowserRouter } from "react-router";
import BrokenPage from "./BrokenPage";
import Loading from "./Loading";

const screen = (load: () => Promise<{ default: React.ComponentType }>) => async () => ({
  Component: (await load()).default,
});
const showsKit = document.querySelector('meta[name="hovik-kit"]') !== null;

/** One chunk a screen: a student's phone never fetches the teacher's board. */
export const router = createBrowserRouter([
  {
    ErrorBoundary: BrokenPage,
    HydrateFallback: Loading,
    children: [
      { index: true, lazy: screen(() => import("./Start")) },
      { path: "sign-in", lazy: screen(() => import("../sign-in/SignIn")) },
      { path: "join", lazy: screen(() => import("../join/Join")) },
      { path: "station", lazy: screen(() => import("../join/StationSetUp")) },
      {
        path: "kitchen",
        lazy: screen(() => import("../weigh/KitchenDoor")),
        children: [
          { index: true, lazy: screen(() => import("../weigh/MyKitchen")) },
          { path: "lines/:line", lazy: screen(() => import("../weigh/Measure")) },
          { path: "lines/:line/weigh", lazy: screen(() => import("../weigh/Weigh")) },
          { path: "weighings/:weighing", lazy: screen(() => import("../weigh/Result")) },
        ],
      },
      {
        lazy: screen(() => import("./TeacherLayout")),
        children: [
          { path: "today", lazy: screen(() => import("../today/Today")) },
          { path: "labs/:lab", lazy: screen(() => import("../lab/Board")) },
        ],
      },
      ...(showsKit ? [{ path: "kit", lazy: screen(() => import("../kit/KitPage")) }] : []),
      { path: "*", Component: BrokenPage },
    ],
  },
]);
