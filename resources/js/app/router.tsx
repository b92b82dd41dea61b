import { createBrowserRouter } from "react-router";
import { learn } from "../i18n/i18n";
import BrokenPage from "../shell/BrokenPage";
import Loading from "../shell/Loading";
import Root from "./Root";

const screen =
  (load: () => Promise<{ default: React.ComponentType }>, book?: Parameters<typeof learn>[0]) => async () => {
    const [part] = await Promise.all([load(), book && learn(book)]);
    return { Component: part.default };
  };
const showsKit = document.querySelector('meta[name="hovik-kit"]') !== null;

/** One chunk a screen: a student's phone never fetches the teacher's board. */
export const router = createBrowserRouter([
  {
    Component: Root,
    ErrorBoundary: BrokenPage,
    HydrateFallback: Loading,
    children: [
      { index: true, lazy: screen(() => import("../start/Start")) },
      { path: "sign-in", lazy: screen(() => import("../sign-in/SignIn")) },
      { path: "join", lazy: screen(() => import("../join/Join")) },
      { path: "set-up", lazy: screen(() => import("../set-up/SetUpSchool"), "school") },
      { path: "welcome/:code?", lazy: screen(() => import("../set-up/Welcome"), "school") },
      { path: "trust", lazy: screen(() => import("../trust/Trust"), "school") },
      { path: "station", lazy: screen(() => import("../join/StationSetUp")) },
      {
        path: "kitchen",
        lazy: screen(() => import("../weigh/KitchenDoor")),
        children: [
          { index: true, lazy: screen(() => import("../weigh/MyKitchen")) },
          { path: "lines/:line", lazy: screen(() => import("../weigh/Measure")) },
          { path: "lines/:line/kept", lazy: screen(() => import("../weigh/KeptScreen")) },
          { path: "lines/:line/weigh", lazy: screen(() => import("../weigh/Weigh")) },
          { path: "weighings/:weighing", lazy: screen(() => import("../weigh/ResultScreen")) },
          { path: "check", lazy: screen(() => import("../checks/StudentWaterCheck"), "checks") },
          { path: "experiment", lazy: screen(() => import("../experiment/MyExperiment"), "checks") },
          { path: "bake", lazy: screen(() => import("../weigh/Bake")) },
          { path: "portions", lazy: screen(() => import("../weigh/EqualPortions")) },
          { path: "simulator", lazy: screen(() => import("../simulator/StudentSimulator"), "bench") },
          { path: "techniques/:page?", lazy: screen(() => import("../technique/StudentLibrary"), "bench") },
          { path: "results", lazy: screen(() => import("../review/MyResults")) },
          { path: "practice", lazy: screen(() => import("../practice/Practice"), "bench") },
          { path: "question", lazy: screen(() => import("../practice/Together"), "bench") },
        ],
      },
      {
        lazy: async () => {
          const [layout] = await Promise.all([import("../shell/TeacherLayout"), learn("teacher")]);
          return { Component: layout.default };
        },
        children: [
          { path: "today", lazy: screen(() => import("../today/Today")) },
          { path: "practise", lazy: screen(() => import("../practice/Ready")) },
          { path: "practise/question", lazy: screen(() => import("../practice/Projected"), "bench") },
          { path: "practise/techniques/:page?", lazy: screen(() => import("../technique/TeacherLibrary"), "bench") },
          { path: "practise/words", lazy: screen(() => import("../words/WordsScreen")) },
          { path: "practise/simulator", lazy: screen(() => import("../simulator/TeacherSimulator"), "bench") },
          { path: "prepare", lazy: screen(() => import("../prepare/Prepare")) },
          { path: "prepare/calendar", lazy: screen(() => import("../term/TermScreen")) },
          { path: "recipes/:recipe", lazy: screen(() => import("../prepare/RecipeScreen")) },
          { path: "labs/:lab", lazy: screen(() => import("../lab/BoardScreen")) },
          { path: "class", lazy: screen(() => import("../classes/ClassDoor")) },
          { path: "class/:section", lazy: screen(() => import("../classes/ClassScreen")) },
          { path: "school", lazy: screen(() => import("../school/SchoolScreen"), "school") },
          { path: "account", lazy: screen(() => import("../account/AccountScreen"), "school") },
          { path: "labs/:lab/tools", lazy: screen(() => import("../checks/ToolLabScreen"), "checks") },
          { path: "labs/:lab/table", lazy: screen(() => import("../lab/WeighingTable")) },
          { path: "drawer", lazy: screen(() => import("../drawer/DrawerScreen"), "checks") },
          { path: "drawer/scales/:scale", lazy: screen(() => import("../checks/ScaleCheckScreen"), "checks") },
          { path: "pantry/:food/standard", lazy: screen(() => import("../standard/StandardScreen"), "checks") },
          { path: "review", lazy: screen(() => import("../review/ReviewScreen"), "review") },
          { path: "review/labs", lazy: screen(() => import("../review/LabsScreen"), "review") },
          { path: "review/skills", lazy: screen(() => import("../review/SkillsScreen"), "review") },
          { path: "review/out", lazy: screen(() => import("../review/FilesScreen"), "review") },
          { path: "review/rubrics", lazy: screen(() => import("../marks/RubricsScreen"), "review") },
          { path: "review/students/:student", lazy: screen(() => import("../review/StudentScreen"), "review") },
          { path: "review/labs/:lab", lazy: screen(() => import("../review/LabReviewScreen"), "review") },
          { path: "review/labs/:lab/marks", lazy: screen(() => import("../marks/MarksScreen"), "review") },
          { path: "review/misses", lazy: screen(() => import("../review/MissScreen"), "checks") },
          { path: "review/experiments", lazy: screen(() => import("../experiment/ExperimentsScreen"), "checks") },
          {
            path: "review/experiments/:experiment",
            lazy: screen(() => import("../experiment/ExperimentScreen"), "checks"),
          },
          { path: "pantry", lazy: screen(() => import("../pantry/PantryScreen")) },
          { path: "shopping", lazy: screen(() => import("../shopping/ShoppingScreen")) },
          { path: "labs/:lab/paper", lazy: screen(() => import("../lab/PaperGrid")) },
          { path: "labs/:lab/period", lazy: screen(() => import("../period/PeriodScreen")) },
          { path: "labs/:lab/prepare", lazy: screen(() => import("../prepare/LabScreen")) },
        ],
      },
      { path: "drawer/check", lazy: screen(() => import("../checks/TeacherWaterCheck"), "checks") },
      {
        path: "print/:what",
        lazy: async () => {
          const [page] = await Promise.all([import("../print/PrintWall"), learn("teacher"), learn("checks")]);
          return { Component: page.default };
        },
      },
      {
        path: "print/labs/:lab/:what",
        lazy: async () => {
          const [page] = await Promise.all([import("../print/PrintLab"), learn("teacher")]);
          return { Component: page.default };
        },
      },
      ...(showsKit ? [{ path: "kit", lazy: screen(() => import("../kit/KitPage")) }] : []),
      { path: "*", Component: BrokenPage },
    ],
  },
]);
