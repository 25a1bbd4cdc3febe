using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>
/// How much room a joint takes in its box, without the wires that lead to it. Generic shapes, from memory.
/// </summary>
/// <param name="Length">Along the wires.</param>
/// <param name="Width">Across them.</param>
public sealed record JointRoom(Length Length, Length Width)
{
    /// <summary>Round wires fill about so much of the circle round a bundle (geometry of packing).</summary>
    private const double Packed = 0.72;

    /// <summary>A port is so much wider than the thickest wire that it takes.</summary>
    private const double PortWall = 1.6;

    /// <summary>What a kind adds to the bare metal's length, mm.</summary>
    private static double Beyond(ConnectorKind kind) =>
        kind switch
        {
            ConnectorKind.Lever => 9,
            ConnectorKind.PushIn => 7,
            ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn => 14,
            ConnectorKind.CrimpSleeveTube => 40,
            _ => 0,
        };

    /// <summary>How thick a bundle of so much metal is, mm.</summary>
    public static double BundleOf(double mm2) => Math.Sqrt(mm2 * 4 / Math.PI / Packed);

    /// <summary>
    /// How many ports a connector has: as many as it takes at most, and no fewer than are filled where that is fewer.
    /// </summary>
    public static int PortsOf(SpliceJoin join) =>
        Math.Min(join.Connector.MostCount, Math.Max(join.Conductors.Count, join.Connector.LeastCount));

    /// <summary>From one port to the next, mm.</summary>
    public static double PitchOf(SpliceJoin join) =>
        Math.Max(
            join.Conductors.Max(e => e.InsulationOuterDiameter.Millimetres),
            Math.Sqrt(join.Connector.MostMm2 * 4 / Math.PI) * PortWall
        ) + 1.2;

    /// <summary>The room of a joint whose ends are so long bare.</summary>
    public static JointRoom Of(SpliceJoin join, Length bare)
    {
        var kind = join.Connector.Kind;
        var bundle = BundleOf(
            join.Connector.HoldsTheBundle
                ? join.Connector.MostMm2
                : join.Conductors.Sum(c => c.Size.Area.SquareMillimetres)
        );
        return new(
            bare + new Length(Beyond(kind)),
            new(
                kind switch
                {
                    ConnectorKind.Lever or ConnectorKind.PushIn => (PortsOf(join) + 0.2) * PitchOf(join),
                    ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn => bundle + 8,
                    ConnectorKind.CrimpSleeveTube => bundle + (TubeChoice.For(join.Conductors.Count).IsLarge ? 12 : 8),
                    _ => bundle,
                }
            )
        );
    }
}
