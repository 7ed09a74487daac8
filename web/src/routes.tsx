import { createBrowserRouter, Outlet, type RouteObject } from "react-router";

import { benchAddress } from "./api/bench";
import { Broken } from "./screens/lost/Broken";
import { Measured } from "./parts/Measured";
import { UndoProvider } from "./saving/useUndo";
import { Lost } from "./screens/lost/Lost";
import { fetched } from "./screens/lost/fetched";

const firstUnit = fetched(async () => (await import("./screens/first-unit/FirstUnit")).FirstUnit);
const weighing = fetched(async () => (await import("./screens/weighing/WeighingScreen")).WeighingScreen);
const makers = fetched(async () => (await import("./screens/makers/MakersScreen")).MakersScreen);
const maker = fetched(async () => (await import("./screens/maker/MakerScreen")).MakerScreen);

const tools = fetched(async () => (await import("./screens/tools/ToolsScreen")).ToolsScreen);
const fabrics = fetched(async () => (await import("./screens/fabrics/FabricsScreen")).FabricsScreen);

const projects = fetched(async () => (await import("./screens/projects/ProjectsScreen")).ProjectsScreen);
const blocks = fetched(async () => (await import("./screens/blocks/BlocksScreen")).BlocksScreen);
const block = fetched(async () => (await import("./screens/blocks/BlockScreen")).BlockScreen);
const quilt = fetched(async () => (await import("./screens/quilt/QuiltScreen")).QuiltScreen);
const start = fetched(async () => (await import("./screens/start/StartScreen")).StartScreen);
const whichLine = fetched(async () => (await import("./screens/which-line/WhichLineScreen")).WhichLineScreen);
const practice = fetched(async () => (await import("./screens/practice/PracticeScreen")).PracticeScreen);
const project = fetched(async () => (await import("./screens/first-unit/FirstUnit")).FirstOfProject);

const comeIn = (name: "SignIn" | "SignUp" | "Reset") =>
  fetched(async () => (await import("./screens/account/ComeIn"))[name]);
const account = fetched(async () => (await import("./screens/account/AccountScreen")).AccountScreen);

const shown = fetched(async () => (await import("./screens/shown/ShownScreen")).ShownScreen);

/** What every screen stands on: undo is the same on all of them. */
function Ground() {
  return (
    <UndoProvider>
      <Outlet />
    </UndoProvider>
  );
}

/** Each screen is a script of its own, fetched when it is first gone to. All but a few are pages of one maker's bench. */
const ROUTES: RouteObject[] = [
  { path: "/", lazy: firstUnit, errorElement: <Broken />, hydrateFallbackElement: <></> },
  {
    path: "/projects/:projectId/units/:unitId",
    lazy: weighing,
    errorElement: <Broken />,
    hydrateFallbackElement: <></>,
  },
  {
    element: <Measured />,
    errorElement: <Broken />,
    hydrateFallbackElement: <></>,
    children: [
      { path: "/maker", lazy: maker },
      { path: "/tools", lazy: tools },
      { path: "/fabrics", lazy: fabrics },
      { path: "/blocks", lazy: blocks },
      { path: "/blocks/:blockId", lazy: block },
    ],
  },
  { path: "/makers", lazy: makers, errorElement: <Broken />, hydrateFallbackElement: <></> },
  { path: "/start", lazy: start, errorElement: <Broken />, hydrateFallbackElement: <></> },
  { path: "/which-line", lazy: whichLine, errorElement: <Broken />, hydrateFallbackElement: <></> },
  { path: "/practice", lazy: practice, errorElement: <Broken />, hydrateFallbackElement: <></> },
  { path: "/projects", lazy: projects, errorElement: <Broken />, hydrateFallbackElement: <></> },
  { path: "/projects/:projectId", lazy: project, errorElement: <Broken />, hydrateFallbackElement: <></> },
  {
    path: "/projects/:projectId/quilt",
    lazy: quilt,
    errorElement: <Broken />,
    hydrateFallbackElement: <></>,
  },
  { path: "/sign-in", lazy: comeIn("SignIn"), errorElement: <Broken />, hydrateFallbackElement: <></> },
  { path: "/sign-up", lazy: comeIn("SignUp"), errorElement: <Broken />, hydrateFallbackElement: <></> },
  { path: "/reset", lazy: comeIn("Reset"), errorElement: <Broken />, hydrateFallbackElement: <></> },
  { path: "/account", lazy: account, errorElement: <Broken />, hydrateFallbackElement: <></> },
  { path: "/shown/:word", lazy: shown, errorElement: <Broken />, hydrateFallbackElement: <></> },
  { path: "*", element: <Lost /> },
];

export const routes = createBrowserRouter([{ element: <Ground />, children: ROUTES }], {
  basename: benchAddress() || "/",
});
