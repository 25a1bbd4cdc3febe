import { QrCode } from "@chakra-ui/react";

/** An address that a camera reads. Dark on white in either theme: cameras know no other. */
export function QrPicture({ value, label }: { value: string; label: string }) {
  return (
    <QrCode.Root value={value} role="img" aria-label={label} bg="white" p={3} rounded="md" w="fit-content">
      <QrCode.Frame boxSize="220px" display="block" fill="black">
        <QrCode.Pattern />
      </QrCode.Frame>
    </QrCode.Root>
  );
}
