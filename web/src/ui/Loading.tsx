import { Box, Skeleton, Stack } from "@chakra-ui/react";

/** The shape of what is being fetched, and its words for who hears the page. */
export function Loading({
  what,
  lines = 4,
  height = "56px",
}: {
  what: string;
  lines?: number;
  height?: string;
}) {
  return (
    <Box role="status">
      <Box srOnly>{what}</Box>
      <Stack gap={2} aria-hidden>
        {Array.from({ length: lines }, (_, i) => (
          <Skeleton key={i} h={height} w={i === lines - 1 ? "70%" : "full"} />
        ))}
      </Stack>
    </Box>
  );
}
