using System.Text.Json.Serialization;
using Lacet.Core.DeadChecks;

namespace Lacet.Workshop.DeadChecks;

/// <summary>What somebody does to make an enclosure dead, or live; <c>kind</c> tells which.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Isolate), "isolation")]
[JsonDerivedType(typeof(HangLock), "lock-on")]
[JsonDerivedType(typeof(TakeLock), "lock-off")]
[JsonDerivedType(typeof(Prove), "proved-dead")]
[JsonDerivedType(typeof(FindSource), "source-found")]
[JsonDerivedType(typeof(GoOn), "at-work")]
[JsonDerivedType(typeof(EndShift), "shift-end")]
[JsonDerivedType(typeof(Exempt), "exemption")]
[JsonDerivedType(typeof(Energise), "energised")]
public abstract record DeadDeed
{
    private DeadDeed() { }

    /// <summary>Lists the sources, and what keeps each of them off.</summary>
    /// <param name="Sources">Those that there are, at most 40.</param>
    /// <param name="Absent">Kinds that were looked for, and are not there.</param>
    public sealed record Isolate(IReadOnlyList<IsolatedSource> Sources, IReadOnlyList<SourceKind> Absent) : DeadDeed;

    /// <summary>Hangs a lock of one’s own.</summary>
    /// <param name="Lock">Its number; 1 to 40 characters.</param>
    public sealed record HangLock(string Lock) : DeadDeed;

    /// <summary>Takes a lock off: one’s own, or as a lead that of somebody who is not there.</summary>
    /// <param name="Owner">Whose; left out for one’s own.</param>
    /// <param name="OwnerKnows">
    /// That the owner is away, knows of it, and left nobody inside; needed for another’s.
    /// </param>
    public sealed record TakeLock(Guid? Owner = null, bool OwnerKnows = false) : DeadDeed;

    /// <summary>Measures, to prove it dead.</summary>
    /// <param name="Proof">How, and what was read.</param>
    public sealed record Prove(DeadProof Proof) : DeadDeed;

    /// <summary>Found another source.</summary>
    /// <param name="Source">What it is, and what it is called.</param>
    /// <param name="Name">What it is called.</param>
    public sealed record FindSource(SourceKind Source, string Name) : DeadDeed;

    /// <summary>Is there still.</summary>
    public sealed record GoOn : DeadDeed;

    /// <summary>Ends the shift.</summary>
    public sealed record EndShift : DeadDeed;

    /// <summary>Says that nothing is to be proved.</summary>
    /// <param name="Exemption">Why.</param>
    public sealed record Exempt(ProofExemption Exemption) : DeadDeed;

    /// <summary>Puts power back.</summary>
    public sealed record Energise : DeadDeed;
}
