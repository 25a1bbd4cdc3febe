import { useMediaQuery } from "@chakra-ui/react";

/** Whether the screen is too narrow for a sheet of cells, or a panel beside the work. */
export function useIsPhone() {
  const [isPhone = false] = useMediaQuery(["(max-width: 47.99rem)"], { ssr: false });
  return isPhone;
}
