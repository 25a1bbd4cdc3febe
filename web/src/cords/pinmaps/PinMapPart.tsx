import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { http, take } from "../../client";
import { KeepInJob } from "../../job/KeepInJob";
import { severities } from "../../shown/severity";
import { useRemembered } from "../../shared/remembered";
import { thin, useUnits } from "../../shared/Units";
import { KeyPicker } from "./KeyPicker";
import type { PinFunction, PinMap } from "./map";
import { PinColumns } from "./PinColumns";
import { PinCsv } from "./PinCsv";
import { PinMapDevices } from "./PinMapDevices";
import { PinTest } from "./PinTest";
import { PlateFields } from "./PlateFields";
import { RecordTest } from "./RecordTest";
import { Checkbox, ErrorMessage, Panel, PanelTitle, Segments, Select, TextField } from "../../ui";

/** Which pin goes where. Begun with what a machine of two speeds has, and remembered from then on. */
export function PinMapPart() {
  const [draft, setDraft] = useRemembered<PinMap | null>("pinmap.draft", null);
  const blank = useQuery({
    queryKey: ["pin-map", "blank"],
    queryFn: () => take(http.GET("/api/pin-maps/blank", { params: { query: { speeds: 2 } } })),
    enabled: draft === null,
    staleTime: Infinity,
  });
  const map = draft ?? blank.data;
  return map ? <PinMapEditor map={map} setMap={setDraft} /> : <ErrorMessage of={blank.error} />;
}

/** The connector's key first, then pin by pin to the machine, then the meter. */
function PinMapEditor({ map, setMap }: { map: PinMap; setMap: (map: PinMap) => void }) {
  const { lead } = useUnits();
  const change = (part: Partial<PinMap>) => setMap({ ...map, ...part });
  const checked = useQuery({
    queryKey: ["pin-map", map, lead],
    queryFn: () => take(http.POST("/api/pin-maps/check", { body: map, params: { query: { lead } } })),
    placeholderData: keepPreviousData,
  });
  const found = checked.data;
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "minmax(0,1fr) 380px" }}>
      <Flex direction="column" gap={3} minW={0}>
        <Panel as="section" aria-label="The connector">
          <Grid
            gap={2}
            templateColumns={{ base: "1fr 1fr", md: "1fr 110px 130px 180px" }}
            alignItems="end"
            mb={2}
          >
            <Box gridColumn={{ base: "1 / -1", md: "auto" }}>
              <TextField
                id="map-name"
                label="What it is"
                value={map.name}
                maxLength={200}
                autoComplete="off"
                onChange={(event) => change({ name: event.target.value })}
              />
            </Box>
            <Select
              label="Pins"
              value={String(map.pinCount)}
              onChange={(count) =>
                change({ pinCount: Number(count), rows: Number(count) % 2 ? 1 : map.rows })
              }
              options={Array.from({ length: 23 }, (_, i): [string, string] => [`${i + 2}`, `${i + 2}`])}
            />
            <Select
              label="In rows"
              value={String(map.rows)}
              onChange={(rows) => change({ rows: Number(rows) })}
              options={[["1", "one"], ...(map.pinCount % 2 ? [] : [["2", "two"] as [string, string]])]}
            />
            <Segments
              label="Speeds"
              value={String(map.speeds)}
              onChange={(speeds) => change({ speeds: Number(speeds), fed: [] })}
              options={[
                ["1", "One speed"],
                ["2", "Two"],
              ]}
            />
          </Grid>
          {found && <KeyPicker map={map} above={found.keyAbove} below={found.keyBelow} onChange={change} />}
        </Panel>
        <Panel as="section" aria-label="Pin map">
          <PinColumns map={map} steps={found?.steps ?? []} onMap={setMap} />
          {map.speeds === 2 && <SpeedFed map={map} onChange={change} />}
          <PlateFields map={map} onChange={change} />
          <PinCsv map={map} onPins={(pins) => change({ pins })} />
        </Panel>
      </Flex>
      <Flex direction="column" gap={3} minW={0}>
        <Panel as="section" aria-label="What was found">
          <PanelTitle>What was found</PanelTitle>
          <ErrorMessage of={checked.error} />
          {found?.findings.length === 0 && <Box color="go">Nothing stands against it.</Box>}
          <Box as="ul" listStyleType="none" aria-label="Findings">
            {found?.findings.map((finding) => {
              const { icon: Icon, word, colour } = severities[finding.severity];
              return (
                <Flex as="li" key={finding.check + finding.says} gap={2} py={1} data-finding={finding.check}>
                  <Box color={colour} pt="2px" flex="none">
                    <Icon aria-hidden size={20} />
                  </Box>
                  <Box>
                    <chakra.strong color={colour}>{word}.</chakra.strong> {thin(finding.says)}{" "}
                    {thin(finding.do)}
                  </Box>
                </Flex>
              );
            })}
          </Box>
          <Box mt={2} textStyle="note" color="ink.soft">
            Colours are noted and match nothing: go by the pin-out of the exact model, and by the meter.
          </Box>
        </Panel>
        <Panel as="section" aria-label="Continuity test">
          {found && (
            <PinTest map={map} steps={found.steps} powerUp={found.firstPowerUp ?? []} onMap={setMap} />
          )}
        </Panel>
        <KeepInJob
          kind="pin-map"
          name={map.name}
          part={(id) => ({ part: "pin-map", id, order: 0, map })}
          onOpen={(part) => part.part === "pin-map" && setMap(part.map)}
          also={(job, part, version) =>
            part.part === "pin-map" && (
              <>
                <PinMapDevices job={job} part={part} version={version} />
                <RecordTest job={job.title.id} part={part} />
              </>
            )
          }
        />
      </Flex>
    </Grid>
  );
}

/** Which speed of a machine is fed, and whether somebody took the two for legs. */
function SpeedFed({ map, onChange }: { map: PinMap; onChange: (part: Partial<PinMap>) => void }) {
  return (
    <Box mt={3}>
      <Box textStyle="note" color="ink.soft">
        Which speed is fed
      </Box>
      <Flex gap={4} flexWrap="wrap">
        {(["low-speed", "high-speed"] as PinFunction[]).map((speed) => (
          <Checkbox
            key={speed}
            checked={map.fed?.includes(speed) ?? false}
            onChange={(on) =>
              onChange({
                fed: on ? [...(map.fed ?? []), speed] : (map.fed ?? []).filter((one) => one !== speed),
              })
            }
          >
            {speed === "low-speed" ? "Low" : "High"}
          </Checkbox>
        ))}
        <Checkbox checked={map.takenForLegs} onChange={(takenForLegs) => onChange({ takenForLegs })}>
          They go to the two legs of the supply
        </Checkbox>
      </Flex>
    </Box>
  );
}
