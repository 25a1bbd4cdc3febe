using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Rework;

/// <summary>An end as it was made, with what is wrong with it.</summary>
/// <param name="Conductor">The wire.</param>
/// <param name="Made">How it is.</param>
/// <param name="Class">How many strands may be lost.</param>
public sealed record SpoiledEnd(Conductor Conductor, AsMade Made, StrandLoss Class)
{
    /// <summary>How many strands it has: counted, else as many as such a wire usually has.</summary>
    public int Strands => Made.Strands ?? Conductor.Strands;

    /// <summary>Whether a landing of that kind holds a lug.</summary>
    public static bool IsLug(string landingKind) => landingKind is "set-screw-lug" or "crimped-lug" or "stud";

    /// <summary>
    /// Whether an end of that kind of landing was closed round a screw: taken off, it is a hook that was opened.
    /// </summary>
    public static bool IsHook(string landingKind) => landingKind is "binding-screw" or "plug-screw";

    /// <summary>
    /// Whether it is a hook that was closed round its screw, which is never used again once it comes off.
    /// </summary>
    public bool InHook { get; init; }

    /// <summary>Whether it is in a lug, which allows no lost strand.</summary>
    public bool InLug { get; init; }

    /// <summary>What the end strips when it is made anew; null where nobody said.</summary>
    public Length? Strip { get; init; }

    /// <summary>
    /// How much wire is free, from where it leaves its raceway or sheath; null where nobody measured.
    /// </summary>
    public Length? Free { get; init; }

    /// <summary>How far it reaches past the opening; null where nobody measured.</summary>
    public Length? PastOpening { get; init; }

    /// <summary>The opening's smallest dimension; null where nobody said.</summary>
    public Length? Opening { get; init; }
}
