using System.Text.Json.Serialization;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A landing as it is written in JSON; <c>kind</c> tells which.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(BindingScrewDocument), "binding-screw")]
[JsonDerivedType(typeof(ScrewClampBlockDocument), "screw-clamp-block")]
public abstract record LandingDocument
{
    /// <summary>The torque marked on it; null where nothing is marked.</summary>
    public TorqueMarkingDocument? TorqueMarking { get; init; }

    /// <summary>The metals it is marked for; copper only where nothing is marked.</summary>
    public IReadOnlyList<Material>? Metals { get; init; }

    /// <summary>The landing; throws <see cref="Core.Quantities.ImpossibleInputException"/> with the field and a sentence.</summary>
    public abstract Landing Read();

    /// <summary>The metals as a set.</summary>
    private protected HashSet<Material>? MetalSet => Metals is { Count: > 0 } metals ? [.. metals] : null;
}
