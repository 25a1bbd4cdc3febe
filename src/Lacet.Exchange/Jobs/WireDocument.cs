using System.Text.Json.Serialization;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Jobs;

/// <summary>A wire with two ends.</summary>
public sealed record WireDocument : JobPartDocument
{
    /// <summary>Its number or name.</summary>
    public required string Name { get; init; }

    /// <summary>What it is made of; null where the size is not known.</summary>
    public ConductorDocument? Conductor { get; init; }

    /// <summary>Its insulation's colour, such as "black" or "green, yellow stripe".</summary>
    public string? Colour { get; init; }

    /// <summary>What it is for.</summary>
    public WireFunction Function { get; init; }

    /// <summary>The circuit that it is of.</summary>
    public Guid? CircuitId { get; init; }

    /// <summary>Its length, mm.</summary>
    public double? LengthMm { get; init; }

    /// <summary>The raceway, cable or cord that it runs in with others.</summary>
    public string? Run { get; init; }

    /// <summary>Whether that is a flexible cord.</summary>
    public bool InCord { get; init; }

    /// <summary>Out of the list, and kept because something was recorded at it.</summary>
    public bool Retired { get; init; }

    /// <summary>Its first end.</summary>
    public required EndDocument A { get; init; }

    /// <summary>Its other end.</summary>
    public required EndDocument B { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override EntityKind Kind => EntityKind.Wire;

    /// <inheritdoc/>
    public override JobWire Read() =>
        new(Id, Name, A.Read(), B.Read())
        {
            Order = Order,
            Conductor = Conductor?.Read(),
            Colour =
                Colour is null ? null
                : InsulationColour.TryParse(Colour, out var colour) ? colour
                : throw new ImpossibleInputException(
                    "colour",
                    $"“{(Colour.Length > 40 ? Colour[..40] + "…" : Colour)}” is no colour: write such as black, BK, or green/yellow."
                ),
            Function = Function,
            CircuitId = CircuitId,
            Length = LengthMm is { } mm ? new Length(mm) : null,
            Run = string.IsNullOrWhiteSpace(Run) ? null : Run.Trim(),
            InCord = InCord,
            Retired = Retired,
        };
}
