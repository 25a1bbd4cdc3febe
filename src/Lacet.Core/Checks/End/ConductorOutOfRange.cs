using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>
/// A landing holds only the sizes it is made for. A range that nobody read refuses nothing: see
/// <see cref="RangeNotKnown"/>.
/// </summary>
public sealed class ConductorOutOfRange : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size", "landing.leastMm2", "landing.mostMm2"];

    /// <inheritdoc/>
    public string Id => "conductor-out-of-range";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public IReadOnlyList<string> FollowsFrom => ["back-stab-over-15-a"];

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan)
    {
        var (landing, size) = (plan.Landing, plan.Conductor.Size);
        if (landing.Takes(size) || !IsKnown(landing, size))
        {
            return null;
        }

        return landing switch
        {
            BindingScrew => new Finding(
                Id,
                Severity.Stop,
                $"{size.NameInBoth} does not go under a binding screw: 10 AWG (5.26 mm²) is the largest.",
                $"Land it in a lug or clamp marked for {size.Name}. Or splice on a pigtail of 10 AWG or less, only where the circuit’s breaker allows one that small.",
                "UL 498; NEC 110.3(B) (from memory)",
                RestsOn
            ),
            BackStab => new Finding(
                Id,
                Severity.Stop,
                $"{size.NameInBoth} does not go into a back-stab hole: it takes 14 AWG solid copper only.",
                $"Use the binding screw or the back-wire clamp of the same device.",
                "UL 498 (from memory)",
                RestsOn
            ),
            Stud => new Finding(
                Id,
                Severity.Stop,
                $"{size.NameInBoth} is beyond insulated rings and forks, which end at 22 and 10 AWG.",
                $"Take a crimped lug listed for {size.Name} with a hole for this stud, and its own die.",
                "ranges of insulated terminals, common practice (from memory)",
                RestsOn
            ),
            SolderLug lug => new Finding(
                Id,
                Severity.Stop,
                $"{size.NameInBoth} does not go through an eye of {lug.Hole:mm}.",
                $"Solder it to a larger tag, or end it in a lug that is listed for it.",
                "geometry",
                RestsOn
            ),
            _ => new Finding(
                Id,
                Severity.Stop,
                $"{size.NameInBoth} does not fit: this {landing.SaidAs} takes {Range(landing, size)}.",
                Change(landing, size),
                "the landing’s printed range; NEC 110.14 and 110.3(B)",
                RestsOn
            )
            {
                Trust = Trust.Marking,
            },
        };
    }

    /// <summary>Whether the limit that a size passes is known, and not only what is usual.</summary>
    internal static bool IsKnown(Landing landing, ConductorSize size) =>
        IsTooThick(landing, size) ? landing.IsMostKnown : landing.IsLeastKnown;

    /// <summary>A landing's range, in gauges for a gauge: "14 to 10 AWG".</summary>
    internal static string Range(Landing landing, ConductorSize size) =>
        Inside(landing, size) is [var first, .., var last]
            ? Span(first, last)
            : FormattableString.Invariant($"{landing.LeastMm2:0.##} to {landing.MostMm2:0.##} mm²");

    /// <summary>"14 to 10 AWG", "0.5 to 4 mm²", "6 AWG to 250 kcmil".</summary>
    internal static string Span(ConductorSize first, ConductorSize last)
    {
        var unit = last.Name[last.Name.LastIndexOf(' ')..];
        return first.Name.EndsWith(unit, StringComparison.Ordinal)
            ? $"{first.Name[..^unit.Length]} to {last.Name}"
            : $"{first.Name} to {last.Name}";
    }

    private static bool IsTooThick(Landing landing, ConductorSize size) =>
        size.Area.SquareMillimetres > landing.MostMm2;

    /// <summary>Stocked sizes of the same system whose true area is inside, small to large.</summary>
    private static List<ConductorSize> Inside(Landing landing, ConductorSize size) =>
        [
            .. ConductorSize
                .Stocked.Where(s =>
                    s.System == SizeSystem.Metric == (size.System == SizeSystem.Metric) && landing.TakesByArea(s)
                )
                .OrderBy(s => s.Area.SquareMillimetres),
        ];

    private static FormattableString Change(Landing landing, ConductorSize size) =>
        (IsTooThick(landing, size), Inside(landing, size)) switch
        {
            (_, []) => $"Change the landing: it must be printed for {size.Name}.",
            // A smaller conductor is never offered without the breaker that must allow it.
            (true, [.., var largest]) =>
                $"Change the landing: it must be printed for {size.Name}. Or a pigtail of {largest.Name} or less, only where the circuit’s breaker allows one that small.",
            (false, [var least, ..]) => (FormattableString)
                $"Change the landing: it must be printed for {size.Name}. Or splice on a pigtail of {least.Name} or more.",
        };
}
