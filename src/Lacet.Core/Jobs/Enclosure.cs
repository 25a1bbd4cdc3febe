using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Jobs;

/// <summary>What landings are in.</summary>
/// <param name="Id">Permanent id.</param>
/// <param name="Name">Its name, such as "DCP"; no two in a job share one.</param>
/// <param name="Form">Panel, box, device plate or machine.</param>
public sealed record Enclosure(Guid Id, string Name, EnclosureForm Form = EnclosureForm.Panel) : JobPart(Id)
{
    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Enclosure;

    /// <summary>The drawing that shows it.</summary>
    public string? Drawing { get; init; }

    /// <summary>That drawing's revision, as the wire list was made from.</summary>
    public string? Revision { get; init; }

    /// <summary>The smallest dimension of its opening; under 8 in another free length applies (NEC 300.14).</summary>
    public Length? Opening { get; init; }

    /// <summary>Whether it is dry in it.</summary>
    public SplicePlace Place { get; init; }

    /// <summary>The volume that is marked in a box, in³; null where nobody said.</summary>
    public double? VolumeIn3 { get; init; }
}
