import { NavLink } from "react-router";

import { Hint } from "../Hint";
import { HERS } from "./hersPlaces";

/** Her blocks, tools, fabric and hands. */
export function Hers() {
  return (
    <nav aria-label="Yours" className="flex self-stretch max-stacked:hidden print:hidden">
      {HERS.map(({ to, name, action, Icon }) => (
        <Hint key={to} text={name} action={action}>
          <NavLink to={to} className="place" aria-label={name}>
            <Icon size={16} aria-hidden="true" />
            <span className="max-wide:hidden">{name}</span>
          </NavLink>
        </Hint>
      ))}
    </nav>
  );
}
