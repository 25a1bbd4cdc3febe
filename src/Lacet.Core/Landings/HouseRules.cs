namespace Lacet.Core.Landings;

/// <summary>The choices that people make where good people disagree. Ids are stable: records keep them.</summary>
/// <param name="FerrulesOnFineStrands">Whether a screw clamp that allows ferrules gets one on fine strands.</param>
/// <param name="FerruleColours">The colour series of the kit.</param>
/// <param name="SingleValueTolerance">How far from a single given torque still passes, as a fraction: 0.10 or down to 0.06.</param>
public sealed record HouseRules(
    FerrulesOnFineStrands FerrulesOnFineStrands,
    FerruleColours FerruleColours,
    double SingleValueTolerance)
{
    /// <summary>What applies where nobody chose: ferrules on fine strands, DIN 46228-4 colours, ±10 %.</summary>
    public static HouseRules Default { get; } = new(FerrulesOnFineStrands.Required, FerruleColours.Din46228, 0.10);
}
