import { Box, Flex, Grid } from "@chakra-ui/react";
import { lazy } from "react";
import { Navigate, Outlet, Route, Routes } from "react-router";
import { BenchPage } from "./bench/BenchPage";
import { DeadAlert } from "./dead/DeadAlert";
import { DeviceProvider } from "./recording/Devices";
import { Footer } from "./shell/Footer";
import { HouseRulesContext, type HouseRules } from "./house/houseRules";
import { SessionProvider } from "./people/SessionProvider";
import { SignedInOnly } from "./people/SignedInOnly";
import { PlaceBoundary } from "./shell/PlaceBoundary";
import { Rail } from "./shell/Rail";
import { useRemembered } from "./shared/remembered";
import { setOwnRegion } from "./shared/tradeWords";
import { later } from "./shared/later";

const ShelfPage = lazy(() => import("./shelf/ShelfPage").then((module) => ({ default: module.ShelfPage })));
const JobsPage = lazy(() => import("./jobs/JobsPage").then((module) => ({ default: module.JobsPage })));
const JobPage = lazy(() => import("./jobs/JobPage").then((module) => ({ default: module.JobPage })));
const ImportPage = lazy(() => import("./jobs/ImportPage").then((module) => ({ default: module.ImportPage })));
const FindingsPage = lazy(() =>
  import("./findings/FindingsPage").then((module) => ({ default: module.FindingsPage })),
);
const BoardPage = lazy(() => import("./board/BoardPage").then((module) => ({ default: module.BoardPage })));
const PrintPage = lazy(() => import("./board/PrintPage").then((module) => ({ default: module.PrintPage })));
const SplicesPage = lazy(() =>
  import("./splices/SplicesPage").then((module) => ({ default: module.SplicesPage })),
);
const CordsPage = lazy(() => import("./cords/CordsPage").then((module) => ({ default: module.CordsPage })));
const ComparePage = lazy(() =>
  import("./bench/ComparePage").then((module) => ({ default: module.ComparePage })),
);
const SizePage = lazy(() => import("./bench/SizePage").then((module) => ({ default: module.SizePage })));
const PairPage = lazy(() => import("./people/PairPage").then((module) => ({ default: module.PairPage })));
const TrustPage = lazy(() => import("./people/TrustPage").then((module) => ({ default: module.TrustPage })));
const PeoplePage = lazy(() =>
  import("./people/PeoplePage").then((module) => ({ default: module.PeoplePage })),
);
const RunPage = lazy(() => import("./run/RunPage").then((module) => ({ default: module.RunPage })));
const DeadPage = lazy(() => import("./dead/DeadPage").then((module) => ({ default: module.DeadPage })));
// The Bench says nothing by it: it is fetched once that stands.
const Toaster = later(() => import("./ui/Toaster").then((module) => module.Toaster));
const LogPage = lazy(() => import("./log/LogPage").then((module) => ({ default: module.LogPage })));

export function App() {
  const [rules, keep] = useRemembered<HouseRules>("houseRules", {});
  const change = (next: HouseRules) => {
    keep(next);
    setOwnRegion(next.region);
  };
  return (
    <HouseRulesContext value={{ rules, change }}>
      <SessionProvider>
        <DeviceProvider>
          <Grid
            h="100dvh"
            _print={{ display: "block", h: "auto" }}
            templateColumns={{ base: "minmax(0, 1fr)", md: "92px minmax(0, 1fr)" }}
            templateRows={{ base: "minmax(0, 1fr) auto", md: "minmax(0, 1fr)" }}
          >
            <Rail />
            {/* The work scrolls, the rail does not: nothing ever lies under it. */}
            <Flex
              id="work"
              direction="column"
              minW={0}
              overflowY="auto"
              gridColumn={{ md: 2 }}
              gridRow={1}
              _print={{ display: "block", overflow: "visible" }}
            >
              <DeadAlert />
              <Box as="main" flex="1 0 auto" p={{ base: 3, md: 4 }}>
                <PlaceBoundary>
                  <Routes>
                    <Route path="/" element={<Navigate to="/bench" replace />} />
                    <Route path="/cords/:part?" element={<CordsPage />} />
                    <Route path="/splices/:part?" element={<SplicesPage />} />
                    <Route path="/bench" element={<BenchPage />} />
                    <Route path="/bench/compare" element={<ComparePage />} />
                    <Route path="/bench/size" element={<SizePage />} />
                    <Route path="/pair" element={<PairPage />} />
                    <Route path="/trust" element={<TrustPage />} />
                    {/* What is kept here is for whoever is signed in. */}
                    <Route
                      element={
                        <SignedInOnly>
                          <Outlet />
                        </SignedInOnly>
                      }
                    >
                      <Route path="/jobs" element={<JobsPage />} />
                      <Route path="/jobs/:id/:tab?" element={<JobPage />} />
                      <Route path="/board/:job?/:enclosure?" element={<BoardPage />} />
                      <Route path="/run/:job?/:enclosure?" element={<RunPage />} />
                      <Route path="/board/:job/:enclosure/dead" element={<DeadPage />} />
                      <Route path="/print/:job" element={<PrintPage />} />
                      <Route path="/import" element={<ImportPage />} />
                      <Route path="/findings" element={<FindingsPage />} />
                      <Route path="/shelf/:tab?" element={<ShelfPage />} />
                      <Route path="/log" element={<LogPage />} />
                      <Route path="/people" element={<PeoplePage />} />
                    </Route>
                    <Route path="*" element={<Navigate to="/bench" replace />} />
                  </Routes>
                </PlaceBoundary>
              </Box>
              <Footer />
            </Flex>
          </Grid>
          <Toaster />
        </DeviceProvider>
      </SessionProvider>
    </HouseRulesContext>
  );
}
