using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A landing holds only the sizes it is made for.</summary>
public sealed class ConductorOutOfRange : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size", "landing.leastMm2", "landing.mostMm2"];

    /// <inheritdoc/>
    public string Id => "conductor-out-of-range";

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan)
    {
        var (landing, size) = (plan.Landing, plan.Conductor.Size);
        if (landing.Takes(size))
        {
            return null;
        }

        return landing switch
        {
            BindingScrew => new Finding(
                Id,
                Severity.Stop,
                $"{size.NameInBoth} does not go under a binding screw: 10 AWG (5.26 mm²) is the largest.",
                $"Land it in a lug or clamp marked for {size.Name}, or splice a 10 AWG or smaller pigtail if the circuit’s breaker allows one that small.",
                "UL 498; NEC 110.3(B) (from memory)",
                RestsOn),
            Stud => new Finding(
                Id,
                Severity.Stop,
                $"{size.NameInBoth} is beyond insulated rings and forks, which end at 22 and 10 AWG.",
                $"Take a crimped lug listed for {size.Name} with a hole for this stud, and its own die.",
                "ranges of insulated terminals, common practice (from memory)",
                RestsOn),
            _ => new Finding(
                Id,
                Severity.Stop,
                $"{size.NameInBoth} does not fit: this {landing.SaidAs} takes {Range(landing)}.",
                $"Take {Fitting(landing)} here, or a {landing.SaidAs} whose printed range includes {size.Name}.",
                "the landing’s printed range; NEC 110.14 and 110.3(B)",
                RestsOn)
            {
                Trust = landing is PrintedLanding { RangeIsGiven: true } or SetScrewLug { RangeIsGiven: true } ? Trust.Marking : Trust.Generic,
            },
        };
    }

    private static FormattableString Range(Landing landing) =>
        $"{landing.LeastMm2:0.##} to {landing.MostMm2:0.##} mm²";

    private static string Fitting(Landing landing)
    {
        var fitting = ConductorSize.Stocked.Where(landing.Takes).ToList();
        var gauges = fitting.Where(s => s.System != SizeSystem.Metric).ToList();
        var metric = fitting.Where(s => s.System == SizeSystem.Metric).ToList();
        return (gauges.Count, metric.Count) switch
        {
            (0, 0) => "no stocked size",
            (0, _) => Span(metric),
            (_, 0) => Span(gauges),
            _ => $"{Span(gauges)} ({Span(metric)})",
        };
    }

    private static string Span(List<ConductorSize> sizes) =>
        sizes.Count == 1 ? sizes[0].Name : $"{sizes[0].Name} to {sizes[^1].Name}";
}
