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
        // A device’s screws are told by their metal, a machine’s terminals by their letters.
        var byMetal = landing.Identity is TerminalIdentity.Brass or TerminalIdentity.Silver or TerminalIdentity.Green;
        var (line, neutral) = byMetal
            ? (new Term("brass"), new Term("silver"))
            : (new Term("a line’s terminal"), new Term("N"));
        Term comes = byMetal
            ? "the shell or the switch side of what is plugged in becomes live"
            : "its fuse and switch stand in the neutral, and its inside stays live when it is off";
        return (landing.Identity, wire.Function) switch
        {
            (var at, WireFunction.Neutral) when at.IsHot() => Reversed(
                $"Wire {wire.Name} is the neutral, and {landing.Name} is {at.Say()}: {comes}.",
                neutral
            ),
            (var at, var hot) when at.IsNeutral() && hot.IsHot() => Reversed(
                $"Wire {wire.Name} is the {wire.Function.Say()}, and {landing.Name} is {at.Say()}: {comes}.",
                line
            ),
            (var at, var hot) when at.IsEarth() && hot.IsHot() => Reversed(
                $"Wire {wire.Name} is the {wire.Function.Say()}, and {landing.Name} is {at.Say()}: every case that is earthed here becomes live.",
                line
            ),
            _ => null,
        };
    }

    private Finding Reversed(FormattableString says, Term right) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Prove it dead, then land it on {right}; check which conductor is which with a meter, end to end.",
            "NEC 200.10, 200.11; IEC 60445 (from memory)",
            RestsOn
        );
}
