import { chakra } from "@chakra-ui/react";
import { useLocation, useNavigate } from "react-router";
import { Panel } from "../ui";
import { PairForm } from "./PairForm";
import { useSession } from "./session";

/** Where the code on a lead’s screen leads the camera of a tablet. The code comes after the #, which no server logs. */
export function PairPage() {
  const { hash } = useLocation();
  const navigate = useNavigate();
  const { keep } = useSession();
  return (
    <Panel as="section" maxW="560px" mx="auto" p={{ base: 4, md: 6 }}>
      <chakra.h1 textStyle="title" mb={4}>
        A shared tablet
      </chakra.h1>
      <PairForm
        code={decodeURIComponent(hash.slice(1))}
        onDone={(session) => {
          keep(session);
          void navigate("/jobs");
        }}
      />
    </Panel>
  );
}
