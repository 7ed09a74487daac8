import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { api, ApiError, type Place, type Places } from "../../api/client";
import { read } from "../../api/reads";

type Sides = Omit<Place, "name">;
type Props = { typed: Sides; onChoose: (sides: Sides) => void };

/** What her quilts are for: a list to choose from, to which she adds sizes of her own. */
export function PlaceChoice({ typed, onChoose }: Props) {
  const queries = useQueryClient();
  const kept = useQuery(read.places()).data;
  const [name, setName] = useState("");
  const keeping = useMutation({
    mutationFn: ({ seen, places }: { seen: Places; places: Place[] | null }) => api.keepPlaces(seen, places),
    onSettled: () => queries.invalidateQueries(read.places()),
  });
  const error = keeping.error instanceof ApiError ? keeping.error : null;
  if (!kept) return null;
  const others = kept.places.filter((place) => place.name !== name.trim());
  const known = others.length < kept.places.length;
  return (
    <>
      <label className="entry">
        <span>It is for</span>
        <select
          value={known ? name.trim() : ""}
          onChange={(event) => {
            const place = kept.places.find((one) => one.name === event.target.value);
            setName(event.target.value);
            if (place) onChoose({ width: place.width, length: place.length, drop: place.drop });
          }}
        >
          <option value="" disabled />
          {kept.places.map((place) => (
            <option key={place.name}>{place.name}</option>
          ))}
        </select>
      </label>
      <details className="col-span-full basis-full open:[&>:not(summary)]:mt-1.5 open:[&>:not(summary)]:mr-2">
        <summary className="min-h-8 cursor-pointer">Change this list</summary>
        <label className="entry">
          <span>Name</span>
          <input className="boxed" value={name} onChange={(event) => setName(event.target.value)} />
        </label>
        <button
          type="button"
          className="button"
          disabled={name.trim() === "" || keeping.isPending}
          onClick={() => keeping.mutate({ seen: kept, places: [...others, { name: name.trim(), ...typed }] })}
        >
          Save this size
        </button>
        <button
          type="button"
          className="button"
          disabled={!known || keeping.isPending}
          onClick={() => keeping.mutate({ seen: kept, places: others })}
        >
          Remove it
        </button>
        {!kept.usual && (
          <button
            type="button"
            className="button"
            onClick={() => keeping.mutate({ seen: kept, places: null })}
          >
            Reset the list
          </button>
        )}
        {error && (
          <p role="alert" className="field-error col-span-full">
            {error.faults[0]?.message ?? error.message}
          </p>
        )}
      </details>
    </>
  );
}
