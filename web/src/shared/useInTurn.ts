import { useMutation } from "@tanstack/react-query";

/** Runs work of one scope one after the other, in the order in which it was asked for. */
export function useInTurn(scope: string): <T>(work: () => Promise<T>) => Promise<T> {
  const { mutateAsync } = useMutation({
    scope: { id: scope },
    mutationFn: (work: () => Promise<unknown>) => work(),
  });
  return mutateAsync as <T>(work: () => Promise<T>) => Promise<T>;
}
