using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <summary>One end of a wire in a job.</summary>
/// <param name="Id">Permanent id: records keep it.</param>
public sealed record JobEnd(Guid Id)
{
    /// <summary>Where it lands; null for nowhere yet.</summary>
    public Guid? LandingId { get; init; }

    /// <summary>
    /// Whether it goes on out of this job, into a wall or to what others wire: then it lands nowhere here, and rightly.
    /// </summary>
    public bool Elsewhere { get; init; }

    /// <summary>
    /// Free length at this end, from where it leaves its raceway or sheath; null where nobody measured.
    /// </summary>
    public Length? FreeLength { get; init; }

    /// <summary>How far it reaches past the box's opening; null where nobody measured.</summary>
    public Length? PastOpening { get; init; }

    /// <summary>How it is found.</summary>
    public EndCondition Condition { get; init; }

    /// <summary>The ferrule that the list or the hand chose; null where Lacet chooses.</summary>
    public GivenFerrule? Ferrule { get; init; }

    /// <summary>Whether the list says that it lands bare.</summary>
    public bool SaidBare { get; init; }

    /// <summary>The shape of its crimp; null where nobody said.</summary>
    public CrimpShape? CrimpShape { get; init; }

    /// <summary>How it was found made; null for work to be done.</summary>
    public AsMade? Found { get; init; }
}
