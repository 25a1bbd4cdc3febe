using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>How an end was made, beside the windows that it was made to.</summary>
/// <param name="LandingKind">The landing's kind, since what goes wrong differs; <see cref="Splice"/> in a joint.</param>
/// <param name="Made">What was measured.</param>
/// <param name="Strip">The strip window of the recipe; null where it gave none.</param>
/// <param name="Torque">The torque window of the recipe; null where it gave none.</param>
public sealed record MadeEnd(string LandingKind, AsMade Made, Window<Length>? Strip, Window<Torque>? Torque)
{
    /// <summary>What stands for the landing where the end is in a joint.</summary>
    public const string Splice = "splice";

    /// <summary>Whether it is in a joint.</summary>
    public bool IsInJoint => string.Equals(LandingKind, Splice, StringComparison.Ordinal);

    /// <summary>The wire; null where it is not known.</summary>
    public Conductor? Conductor { get; init; }

    /// <summary>How many strands the house lets go.</summary>
    public StrandLoss Class { get; init; }
}
