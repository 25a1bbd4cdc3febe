import { QrCode } from "@chakra-ui/react";

/** An address that a camera reads. Black on white in either theme: cameras know no other. */
export function QrPicture({ value, label }: { value: string; label: string }) {
  return (
    <QrCode.Root
      value={value}
      size="xl"
      role="img"
      aria-label={label}
      bg="white"
      p={3}
      rounded="md"
      w="fit-content"
    >
      <QrCode.Frame color="black">
        <QrCode.Pattern />
      </QrCode.Frame>
    </QrCode.Root>
  );
}
