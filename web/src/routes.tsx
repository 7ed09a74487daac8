import { createBrowserRouter, type RouteObject } from "react-router";

import { Broken } from "./screens/lost/Broken";
import { Measured } from "./parts/Measured";
import { Lost } from "./screens/lost/Lost";

type Screen = RouteObject["lazy"];

const firstUnit: Screen = async () => ({
  Component: (await import("./screens/first-unit/FirstUnit")).FirstUnit,
});
const weighing: Screen = async () => ({
  Component: (await import("./screens/weighing/WeighingScreen")).WeighingScreen,
});
const maker: Screen = async () => ({ Component: (await import("./screens/maker/MakerScreen")).MakerScreen });

const tools: Screen = async () => ({ Component: (await import("./screens/tools/ToolsScreen")).ToolsScreen });
const fabrics: Screen = async () => ({
  Component: (await import("./screens/fabrics/FabricsScreen")).FabricsScreen,
});

const projects: Screen = async () => ({
  Component: (await import("./screens/projects/ProjectsScreen")).ProjectsScreen,
});
const blocks: Screen = async () => ({
  Component: (await import("./screens/blocks/BlocksScreen")).BlocksScreen,
});
const block: Screen = async () => ({ Component: (await import("./screens/blocks/BlockScreen")).BlockScreen });
const quilt: Screen = async () => ({ Component: (await import("./screens/quilt/QuiltScreen")).QuiltScreen });
const start: Screen = async () => ({
  Component: (await import("./screens/start/StartScreen")).StartScreen,
});
const whichLine: Screen = async () => ({
  Component: (await import("./screens/which-line/WhichLineScreen")).WhichLineScreen,
});
const practice: Screen = async () => ({
  Component: (await import("./screens/practice/PracticeScreen")).PracticeScreen,
});
const project: Screen = async () => ({
  Component: (await import("./screens/first-unit/FirstUnit")).FirstOfProject,
});

const comeIn = (name: "SignIn" | "SignUp" | "Reset"): Screen =>
  async () => ({ Component: (await import("./screens/account/ComeIn"))[name] }); // prettier-ignore
const account: Screen = async () => ({
  Component: (await import("./screens/account/AccountScreen")).AccountScreen,
});

const shown: Screen = async () => ({ Component: (await import("./screens/shown/ShownScreen")).ShownScreen });

/** Each screen is a script of its own, fetched when it is first gone to. */
export const routes = createBrowserRouter([
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
]);
