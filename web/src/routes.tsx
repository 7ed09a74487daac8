import { createBrowserRouter, type RouteObject } from "react-router";

import { benchAddress } from "./api/bench";
import { Broken } from "./screens/lost/Broken";
import { Measured } from "./parts/Measured";
import { Ground } from "./parts/Ground";
import { Lost } from "./screens/lost/Lost";
import { Moved } from "./screens/lost/Moved";
import { fetched } from "./screens/lost/fetched";

const ground = fetched(async () => (await import("./parts/BenchGround")).BenchGround);
const first = fetched(async () => (await import("./screens/first-unit/FirstUnit")).First);
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
const unitLine = fetched(async () => (await import("./screens/which-line/UnitLineScreen")).UnitLineScreen);
const firstOfProject = fetched(async () => (await import("./screens/first-unit/FirstUnit")).FirstOfProject);
const bench = fetched(async () => (await import("./screens/bench-view/UnitBench")).UnitBench);
const home = fetched(async () => (await import("./screens/home/HomeScreen")).HomeScreen);
const decide = fetched(async () => (await import("./screens/deciding/DecideScreen")).DecideScreen);
const buy = fetched(async () => (await import("./screens/buy/BuyScreen")).BuyScreen);

const comeIn = (name: "SignIn" | "SignUp" | "Reset") =>
  fetched(async () => (await import("./screens/account/ComeIn"))[name]);
const account = fetched(async () => (await import("./screens/account/AccountScreen")).AccountScreen);

const shown = fetched(async () => (await import("./screens/shown/ShownScreen")).ShownScreen);

/** Each screen is a script of its own, fetched when it is first gone to. All but a few are pages of one maker's bench. */
const AWAY = { errorElement: <Broken />, hydrateFallbackElement: <></> };
const moved = (path: string, to: string): RouteObject => ({ path, element: <Moved to={to} /> });
const BENCH: RouteObject[] = [
  { path: "/", lazy: first, ...AWAY },
  { path: "/projects", lazy: projects, ...AWAY },
  { path: "/projects/:projectId", lazy: home, ...AWAY },
  { path: "/projects/:projectId/quilt", lazy: quilt, ...AWAY },
  { path: "/projects/:projectId/units", lazy: firstOfProject, ...AWAY },
  { path: "/projects/:projectId/units/all", lazy: decide, ...AWAY },
  { path: "/projects/:projectId/units/:unitId", lazy: weighing, ...AWAY },
  { path: "/projects/:projectId/units/:unitId/line", lazy: unitLine, ...AWAY },
  { path: "/projects/:projectId/units/:unitId/steps", lazy: bench, ...AWAY },
  { path: "/projects/:projectId/units/:unitId/steps/:step", lazy: bench, ...AWAY },
  { path: "/projects/:projectId/buy", lazy: buy, ...AWAY },
  {
    element: <Measured />,
    ...AWAY,
    children: [
      { path: "/blocks", lazy: blocks },
      { path: "/blocks/:blockId", lazy: block },
      { path: "/tools", lazy: tools },
      { path: "/fabric", lazy: fabrics },
      { path: "/hands", lazy: maker },
    ],
  },
  { path: "/tools/line", lazy: whichLine, ...AWAY },
  { path: "/hands/practice", lazy: practice, ...AWAY },
  { path: "/makers", lazy: makers, ...AWAY },
  { path: "/account", lazy: account, ...AWAY },
  // As they were called before.
  moved("/fabrics", "/fabric"),
  moved("/maker", "/hands"),
  moved("/practice", "/hands/practice"),
  moved("/which-line", "/tools/line"),
];
const ROUTES: RouteObject[] = [
  { lazy: ground, ...AWAY, children: BENCH },
  { path: "/start", lazy: start, ...AWAY },
  { path: "/sign-in", lazy: comeIn("SignIn"), ...AWAY },
  { path: "/sign-up", lazy: comeIn("SignUp"), ...AWAY },
  { path: "/reset", lazy: comeIn("Reset"), ...AWAY },
  { path: "/shown/:word", lazy: shown, ...AWAY },
  { path: "*", element: <Lost /> },
];

export const routes = createBrowserRouter([{ element: <Ground />, children: ROUTES }], {
  basename: benchAddress() || "/",
});
