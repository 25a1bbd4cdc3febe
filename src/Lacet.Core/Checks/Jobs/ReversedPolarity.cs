using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Hot to brass, neutral to silver, neither to green.</summary>
public sealed class ReversedPolarity : IJobCheck<EndOfWire>
{
    private static readonly string[] RestsOn = ["wire.function", "landing.identity"];

    /// <inheritdoc/>
    public string Id => "reversed-polarity";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, EndOfWire subject)
    {
        if (subject.End.LandingId is not { } id)
        {
            return null;
        }

        var (wire, landing) = (subject.Wire, job.Landings[id]);
        return (landing.Identity, wire.Function) switch
        {
            (TerminalIdentity.Brass, WireFunction.Neutral) => Reversed($"Wire {wire.Name} is the neutral, and {landing.Name} is brass, for the hot: the shell or the switch side of what is plugged in becomes live.", "silver"),
            (TerminalIdentity.Silver, var hot) when hot.IsHot() => Reversed($"Wire {wire.Name} is hot ({wire.Function.Say()}), and {landing.Name} is silver, for the neutral: the shell or the switch side of what is plugged in becomes live.", "brass"),
            (TerminalIdentity.Green, var hot) when hot.IsHot() => Reversed($"Wire {wire.Name} is hot ({wire.Function.Say()}), and {landing.Name} is green, for the earth: every case that is earthed here becomes live.", "brass"),
            _ => null,
        };
    }

    private Finding Reversed(FormattableString says, string right) => new(
        Id, Severity.Stop, says, $"Prove it dead, then land it on {right}; check which conductor is which with a meter, end to end.", "NEC 200.10, 200.11 (from memory)", RestsOn);
}
