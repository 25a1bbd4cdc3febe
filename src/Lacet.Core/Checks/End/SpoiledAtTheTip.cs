using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Rework;

namespace Lacet.Core.Checks.End;

/// <summary>An end that was nicked, ringed, twisted or trimmed too far, as far as no other check names it.</summary>
public sealed class SpoiledAtTheTip : IMadeCheck
{
    private static readonly string[] RestsOn = ["end.found", "wire.conductor", "houseRules.strandLoss"];

    private static readonly Fault[] NamedElsewhere =
    [
        Fault.InsulationCaught,
        Fault.WrongWay,
        Fault.Loose,
        Fault.Scorched,
    ];

    /// <inheritdoc/>
    public string Id => "spoiled-end";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(MadeEnd end)
    {
        if (!end.Made.Faults.Except(NamedElsewhere).Any())
        {
            return null;
        }

        if (end.Conductor is not { } conductor)
        {
            return new(
                Id,
                Severity.Fix,
                $"Something is wrong with the end, and what it means hangs on its wire, which is not known: not judged.",
                $"Say the wire’s size and build.",
                "common practice (from memory)",
                RestsOn
            );
        }

        var worst = ReworkAssessment
            .Of(
                new(conductor, end.Made, end.Class)
                {
                    InLug = SpoiledEnd.IsLug(end.LandingKind),
                    InHook = SpoiledEnd.IsHook(end.LandingKind),
                }
            )
            .Faults.First(f => !NamedElsewhere.Contains(f.Fault));
        return worst.Verdict == FaultVerdict.Accept
            ? null
            : new(Id, Severity.Fix, worst.Says, worst.Do, worst.Source, RestsOn);
    }
}
