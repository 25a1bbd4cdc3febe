using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Circuits;

/// <summary>What of a cord is bought ready made: a length, and the connector of a detachable one.</summary>
public static class CordStock
{
    private static readonly IReadOnlyList<CordLengthRow> Lengths = ReferenceTable.Rows<CordLengthRow>("cord-lengths");
    private static readonly IReadOnlyList<CordConnectorRow> Connectors = ReferenceTable.Rows<CordConnectorRow>(
        "cord-connectors"
    );

    /// <summary>
    /// The shortest cord that is sold and reaches so far, as it is sold: "15 ft", "5 m"; null beyond the longest.
    /// </summary>
    public static string? Reaching(Length length, Region region)
    {
        var (millimetres, unit) = region == Region.NorthAmerica ? (304.8, "ft") : (1000, "m");
        return
            Lengths.FirstOrDefault(r => r.Region == region && r.Length * millimetres >= length.Millimetres - 1e-6)
                is { } row
            ? FormattableString.Invariant($"{row.Length:0.#} {unit}")
            : null;
    }

    /// <summary>Why this jacket, this length and this connector.</summary>
    public static IEnumerable<Reason> Why(CordJacket? jacket, Length length, double amps, Region region)
    {
        if (jacket is not null)
        {
            yield return new(
                "cord-jacket",
                ReadingName.Fit,
                Trust.Standard,
                jacket.Source,
                $"{jacket.Name}: the lightest that is made for this use and place in this size."
            );
        }

        yield return new(
            "cord-length",
            ReadingName.Fit,
            Trust.CommonPractice,
            "common practice (from memory)",
            Reaching(length, region) is { } sold
                ? (FormattableString)
                    $"The shortest that is sold and reaches is {sold}: a longer one lies coiled, and loses more."
                : $"None so long is sold ready made: make it up from the reel."
        );
        yield return new(
            "cord-connector",
            ReadingName.Fit,
            Trust.Standard,
            "IEC 60320-1 (from memory)",
            Connector(amps, region) is { } name
                ? (FormattableString)
                    $"{name} is the smallest connector that takes {amps:0.#} A, where the machine has its inlet; else the cord is fixed in a strain relief."
                : $"No connector of the table takes {amps:0.#} A: the cord is fixed in a strain relief."
        );
    }

    /// <summary>
    /// The connector of a detachable cord for a load (IEC 60320-1, from memory); null where none takes so much: wire it
    /// fixed.
    /// </summary>
    public static string? Connector(double amps, Region region) =>
        Connectors.FirstOrDefault(r => r.Region == region && amps <= r.Most)?.Name;
}
