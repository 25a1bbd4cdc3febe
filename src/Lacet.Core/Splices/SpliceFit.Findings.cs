using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <content>What else can be wrong with a joint.</content>
public sealed partial record SpliceFit
{
    private static IEnumerable<Finding> Metals(SpliceJoin join)
    {
        if (!join.Connector.TakesBothMetals && join.Conductors.Select(c => c.Material).Distinct().Count() > 1)
        {
            yield return new(
                "mixed-metals-in-splice",
                Severity.Stop,
                $"Copper and aluminium are joined, and this connector is not listed for both: the joint corrodes and heats.",
                $"Take a connector listed for copper with aluminium.",
                "NEC 110.14 (from memory)",
                ["landing.splice", "conductors"]
            );
        }
        else if (
            join.Connector is { Kind: ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn, TakesBothMetals: false }
            && join.Conductors.Any(c => c.Material == Material.Aluminium)
        )
        {
            yield return new(
                "mixed-metals-in-splice",
                Severity.Stop,
                $"Aluminium under an ordinary twist-on connector: the twist breaks its oxide once, and the joint heats.",
                $"Take a connector that is listed for aluminium; do not twist.",
                "NEC 110.14 (from memory)",
                ["landing.splice", "conductors"]
            );
        }
    }

    private static IEnumerable<Finding> Builds(SpliceJoin join)
    {
        if (join.Connector.Kind == ConnectorKind.PushIn && join.Conductors.Any(c => c.Build == Build.FineStranded))
        {
            yield return new(
                "splice-not-for-strands",
                Severity.Fix,
                $"Fine strands fold back in front of a spring instead of going under it.",
                $"Take a lever connector, or one whose sheet lists fine strands.",
                Practice,
                OnEnds
            );
        }
    }

    private static IEnumerable<Finding> Made(SpliceJoin join)
    {
        if (join.Connector.Kind == ConnectorKind.None)
        {
            yield return new(
                "bare-twist",
                Severity.Stop,
                $"A bare twist is not finished, however well it is made.",
                $"Solder it and insulate it to the conductor’s own level, or put it in a listed connector.",
                Source,
                ["landing.splice"]
            );
        }

        if (join is { Connector.Kind: ConnectorKind.Solder, IsEarth: true })
        {
            yield return new(
                "earth-by-solder",
                Severity.Stop,
                $"An earth may not depend on solder alone: a fault’s current melts it just when it is needed.",
                $"Join the earths in a listed connector.",
                "NEC 250.8 (from memory)",
                OnFunction
            );
        }
    }

    private static IEnumerable<Finding> Wet(SpliceJoin join)
    {
        if (join.Place == SplicePlace.Dry || join.Connector.IsSealed)
        {
            yield break;
        }

        yield return join.Place == SplicePlace.Damp
            ? new(
                "splice-not-sealed",
                Severity.Fix,
                $"Dew gets into a {SpliceConnector.Say(join.Connector.Kind)} in a damp place.",
                $"Take a sealed connector, or a box that stays dry inside.",
                Practice,
                OnPlace
            )
            : new(
                "splice-not-sealed",
                Severity.Stop,
                $"This connector is not sealed, and {(join.Place == SplicePlace.Buried ? "in the ground" : "in the wet")} copper corrodes away in it.",
                $"Take a crimp sleeve in a sealed tube, or a sealed twist-on, listed for {(join.Place == SplicePlace.Buried ? "burial" : "wet places")}.",
                Source,
                OnPlace
            );
    }

    private static IEnumerable<Finding> Twin(SpliceJoin join)
    {
        if (join.Sides.Where(s => s != CableSide.None).Distinct().Count() > 1)
        {
            yield return new(
                "splice-twin-crossed",
                Severity.Stop,
                $"A ribbed conductor is joined to a smooth one: the neutral to the line.",
                $"Join ribbed to ribbed and smooth to smooth; where no ribs can be felt, meter it.",
                "NEC 400.22 (from memory)",
                OnEnds
            );
        }
    }

    private static IEnumerable<Finding> Cord(SpliceJoin join)
    {
        if (!join.InCord)
        {
            yield break;
        }

        var repairable =
            join.HardService
            && join.Conductors.All(c => c.Size.Area.SquareMillimetres >= LeastRepaired.Area.SquareMillimetres);
        yield return repairable
            ? new(
                "splice-in-cord",
                Severity.Fix,
                $"A cord is spliced. Hard-service cord of 14 AWG and more may be repaired, and some sites say 12.",
                $"Stagger the joints, insulate each, and make insulation and jacket as good as the cord’s own; tape is no repair.",
                "NEC 400.13 (from memory)",
                OnCord
            )
            : new(
                "splice-in-cord",
                Severity.Stop,
                $"Flexible cord is not spliced: the next pull opens the joint.",
                $"Run a whole cord, or end it in a plug; only hard-service cord of 14 AWG and more may be repaired.",
                "NEC 400.13 (from memory)",
                OnCord
            );
    }

    private static bool IsThat(IReadOnlyList<CountedSize> combination, IReadOnlyList<Conductor> ends)
    {
        var counted = combination.GroupBy(c => c.Size).ToDictionary(g => g.Key, g => g.Sum(c => c.Count));
        var there = ends.GroupBy(e => e.Size).ToDictionary(g => g.Key, g => g.Count());
        return counted.Count == there.Count && counted.All(c => there.GetValueOrDefault(c.Key) == c.Value);
    }
}
