namespace Lacet.Exchange.Import;

/// <summary>What of a list was left out, filled in or read against its heading, each in a sentence.</summary>
internal static class ListNotices
{
    internal static IReadOnlyList<string> Of(Doubts doubts, int titles, int headings, int totals)
    {
        var odd = doubts.Example(Doubts.OddLengths);
        var other = doubts.Example(Doubts.OtherUnits);
        var fanned = doubts.Met(Doubts.FannedOut);
        var (functions, types) = (doubts.Met(Doubts.UnknownFunctions), doubts.Met(Doubts.UnknownTypes));
        string?[] notices =
        [
            Say(
                titles,
                "One row is a title between the others and was left out.",
                $"{titles} rows are titles between the others and were left out."
            ),
            Say(
                headings,
                "One row repeats the headings and was left out.",
                $"{headings} rows repeat the headings and were left out."
            ),
            Say(totals, "One row adds up and was left out.", $"{totals} rows add up and were left out."),
            Say(
                doubts.Met(Doubts.Names),
                "One wire has no number and is named after its row.",
                $"{doubts.Met(Doubts.Names)} wires have no number and are named after their rows."
            ),
            Say(
                doubts.Met(Doubts.OddLengths),
                $"One length is beyond belief (“{odd}”): look at its unit.",
                $"{doubts.Met(Doubts.OddLengths)} lengths are beyond belief (such as “{odd}”): look at their unit."
            ),
            Say(
                doubts.Met(Doubts.OtherUnits),
                $"One length has another unit than its heading (“{other}”): its own is taken.",
                $"{doubts.Met(Doubts.OtherUnits)} lengths have another unit than their heading (such as “{other}”): their own are taken."
            ),
            Say(
                fanned,
                "One number has more than two ends: it is read as wires from one end to the next.",
                $"{fanned} numbers have more than two ends: each is read as wires from one end to the next."
            ),
            Say(
                doubts.Met(Doubts.Bridges),
                "One row joins terminals without a wire and is taken for a bridge.",
                $"{doubts.Met(Doubts.Bridges)} rows join terminals without a wire and are taken for bridges."
            ),
            Say(
                doubts.Met(Doubts.Cables),
                "Conductors of one cable are read: each row is one conductor of it.",
                $"Conductors of {doubts.Met(Doubts.Cables)} cables are read: each row is one conductor of its cable."
            ),
            Say(
                doubts.Met(Doubts.OtherMakes),
                $"Rows of one cable (“{doubts.Example(Doubts.OtherMakes)}”) say that it is two things: the first of them counts.",
                $"Rows of {doubts.Met(Doubts.OtherMakes)} cables (such as “{doubts.Example(Doubts.OtherMakes)}”) say that they are two things: the first of each counts."
            ),
            Unknown(functions, "function", doubts.Example(Doubts.UnknownFunctions)),
            Unknown(types, "type", doubts.Example(Doubts.UnknownTypes)),
        ];
        return [.. notices.OfType<string>()];
    }

    private static string? Unknown(int count, string what, string example) =>
        Say(
            count,
            $"One {what} is not known (“{example}”) and is left open.",
            $"{count} {what}s are not known (such as “{example}”) and are left open."
        );

    private static string? Say(int count, string one, string many) =>
        count switch
        {
            0 => null,
            1 => one,
            _ => many,
        };
}
