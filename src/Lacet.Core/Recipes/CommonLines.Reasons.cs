using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Pull;
using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <content>Reasons that several pages give.</content>
internal static partial class CommonLines
{
    internal static IReadOnlyList<Reason> WithAmpacity(EndPlan plan, IReadOnlyList<Reason> reasons) =>
        plan.Ampacity is { } table
            ?
            [
                .. reasons,
                new Reason(
                    "ampacity",
                    ReadingName.Fit,
                    Trust.Standard,
                    table.Source,
                    plan.Conductor.Size.System == SizeSystem.Metric
                        ? (FormattableString)
                            $"In machine wiring {plan.Conductor.ToString()} carries {table.Amps:0.#} A."
                        : $"At {table.TemperatureC} °C {plan.Conductor.ToString()} carries {table.Amps:0.#} A, on {table.Breaker:0.#} A at most: up to three loaded conductors, 30 °C ambient."
                ),
            ]
            : reasons;

    /// <summary>Whether a landing's strip depth was read off or is what is usual.</summary>
    internal static Reason DepthReason(PrintedLanding landing, Window<Length> bare) =>
        landing.StripDepthIsGiven
            ? new(
                "strip-depth",
                ReadingName.Strip,
                landing.DataTrust,
                DataSource(landing),
                $"The {landing.SaidAs} takes {landing.StripDepth:mm}; a bare end of {bare:range} passes."
            )
            : new(
                "strip-depth",
                ReadingName.Strip,
                Trust.Generic,
                "typical for the kind (from memory)",
                $"No strip depth is given: {bare:range} is typical of {landing.OneSaidAs}."
            );

    /// <summary>Whether a landing's range was read off or is what is usual.</summary>
    internal static Reason RangeReason(EndPlan plan, PrintedLanding landing) =>
        landing switch
        {
            BackStab => new(
                "size-range",
                ReadingName.Fit,
                Trust.Standard,
                "UL 498 (from memory)",
                $"It takes 14 AWG solid copper only."
            ),
            { RangeIsGiven: true } => new(
                "size-range",
                ReadingName.Fit,
                landing.DataTrust,
                DataSource(landing),
                $"The {landing.SaidAs} takes {ConductorOutOfRange.Range(landing, plan.Conductor.Size)}; {plan.Conductor.Size.NameInBoth} is in it."
            ),
            _ => new(
                "size-range",
                ReadingName.Fit,
                Trust.Generic,
                "typical (from memory)",
                $"No size range is given; {ConductorOutOfRange.Range(landing, plan.Conductor.Size)} is usual."
            ),
        };

    /// <summary>What a sample of the crimp holds, where a table has it.</summary>
    internal static IEnumerable<Reason> CrimpReason(EndPlan plan) =>
        PullTest.OfCrimp(plan.Conductor.Size) is { } pull
            ?
            [
                new Reason(
                    "crimp-pull-out",
                    ReadingName.Prepare,
                    Trust.Standard,
                    "UL 486A-486B (from memory)",
                    $"A sample crimped with this tool and die holds at least {pull:least} of pull on {plan.Conductor.Size.Name}. Never pull an installed conductor so."
                ),
            ]
            : [];

    /// <summary>Nothing is tightened, and why that is right here.</summary>
    internal static Reason HeldBy(string rule, string source, FormattableString text) =>
        new(rule, ReadingName.Tighten, Trust.Handbook, source, text);

    internal static string DataSource(Landing landing) =>
        landing.DataTrust switch
        {
            Trust.Marking => "the landing’s printed data",
            Trust.Maker => "the maker’s sheet",
            _ => "typical data from the Shelf",
        };
}
