using System.Text.Json.Serialization;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Shelf;

/// <summary>A device with several terminals: what it is, what it is made for, what it has inside.</summary>
public sealed record DeviceItem : ShelfItemDocument
{
    /// <summary>What it is.</summary>
    public required DeviceType Type { get; init; }

    /// <summary>What its coil, its winding or its input is made for, V.</summary>
    public double? RatedVolts { get; init; }

    /// <summary>Whether that is alternating or direct current.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public CurrentKind RatedCurrent { get; init; }

    /// <summary>What a supply or a transformer gives, V.</summary>
    public double? GivesVolts { get; init; }

    /// <summary>
    /// What it has between its terminals, by their marks, where that is otherwise than usual for its type.
    /// </summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<InsideLink>? Inside { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override string Kind => "device";

    private protected override void CheckKind()
    {
        Within(RatedVolts ?? 1, 1, 1500, "ratedVolts", "A voltage is from 1 to 1,500 V.");
        Within(GivesVolts ?? 1, 1, 1500, "givesVolts", "A voltage is from 1 to 1,500 V.");
        InsideLink.Check(Inside);
    }
}
