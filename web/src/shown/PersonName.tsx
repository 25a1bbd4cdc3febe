import { chakra } from "@chakra-ui/react";

/** Who did it; a typed name is one that nobody has proved. */
export const PersonName = ({
  person,
}: {
  person: { name: string; proved: boolean; joinedTo?: string | null };
}) => (
  <span>
    {person.name}
    {!person.proved && (
      <chakra.span color="ink.soft">
        , not proved{person.joinedTo && `; ${person.joinedTo} by a lead’s word`}
      </chakra.span>
    )}
  </span>
);
