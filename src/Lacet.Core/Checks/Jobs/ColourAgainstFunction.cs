using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A colour that says something else than the wire is for.</summary>
public sealed class ColourAgainstFunction : IJobCheck<JobWire>
{
    private static readonly string[] RestsOn = ["wire.colour", "wire.function", "houseRules.region"];

    /// <inheritdoc/>
    public string Id => "colour-against-function";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Wire;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobWire subject)
    {
        // An earth colour on anything else is worse, and has a check of its own.
        if (subject.Colour is not { } colour || (colour.MarksEarth && subject.Function != WireFunction.Earth))
        {
            return null;
        }

        var iec = job.Title.Rules.Region == Region.Iec;
        var wants = Wants(subject.Function, colour, iec);
        return wants is null
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"Wire {subject.Name} is {colour.ToString()} and is the {subject.Function.Say()}: that is {wants}.",
                $"Take that colour, or re-mark both ends where the code allows it; and trust no colour before a meter has said so.",
                iec
                    ? "IEC 60445, IEC 60204-1 (from memory)"
                    : "NEC 200.6, 200.7, 210.5, 250.119; NFPA 79 (from memory)",
                RestsOn
            );
    }

    /// <summary>What the function asks for, where the colour is not it; null where it is.</summary>
    private static string? Wants(WireFunction function, InsulationColour colour, bool iec)
    {
        var (main, stripe) = (colour.Base, colour.Stripe);
        return function switch
        {
            WireFunction.Earth => colour.MarksEarth && (!iec || main == Hue.Bare || stripe is not null) ? null
            : iec ? "green and yellow"
            : "green or bare",
            WireFunction.Neutral => (iec ? main is Hue.Blue : main is Hue.White or Hue.Grey) ? null
            : iec ? "blue"
            : "white or grey",
            WireFunction.ControlPlus => main is Hue.Blue && stripe is null ? null : "blue",
            WireFunction.ControlMinus => (main is Hue.White && stripe is null or Hue.Blue) || main is Hue.Blue
                ? null
                : "blue, or white with a blue stripe",
            WireFunction.ControlAc => main is Hue.Red ? null : "red",
            var hot when hot.IsHot() => (
                iec ? main is Hue.Brown or Hue.Black or Hue.Grey : main is not (Hue.White or Hue.Grey)
            )
                ? null
            : iec ? "brown, black or grey"
            : "any colour but white, grey and green",
            _ => null,
        };
    }
}
