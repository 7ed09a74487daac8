import { createBrowserRouter } from "react-router";

import { FirstUnit } from "./screens/first-unit/FirstUnit";
import { Broken } from "./screens/lost/Broken";
import { Lost } from "./screens/lost/Lost";
import { MakerScreen } from "./screens/maker/MakerScreen";
import { WeighingScreen } from "./screens/weighing/WeighingScreen";

export const routes = createBrowserRouter([
  { path: "/", element: <FirstUnit />, errorElement: <Broken /> },
  { path: "/projects/:projectId/units/:unitId", element: <WeighingScreen />, errorElement: <Broken /> },
  { path: "/maker", element: <MakerScreen />, errorElement: <Broken /> },
  { path: "*", element: <Lost /> },
]);
