using System.Text.Json.Serialization;
using Lacet.Core.Ferrules;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Shelf;

/// <summary>A tool.</summary>
public sealed record ToolItem : ShelfItemDocument
{
    /// <summary>What it is for.</summary>
    public required ShelfTool Tool { get; init; }

    /// <summary>The end of a torque tool's scale, N·m.</summary>
    public double? ScaleNm { get; init; }

    /// <summary>Date of a torque tool's last calibration.</summary>
    public DateOnly? CalibratedOn { get; init; }

    /// <summary>Cycles since then.</summary>
    public int? CyclesSinceCalibration { get; init; }

    /// <summary>Smallest conductor of a crimper or stripper, mm².</summary>
    public double? LeastMm2 { get; init; }

    /// <summary>Largest conductor of a crimper or stripper, mm².</summary>
    public double? MostMm2 { get; init; }

    /// <summary>The shape that a ferrule crimper makes.</summary>
    public CrimpShape? CrimpShape { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override string Kind => "tool";

    private protected override void CheckKind()
    {
        Within(ScaleNm ?? 1, 0.05, 1000, "scaleNm", "A scale must end between 0.05 and 1,000 N·m.");
        Within(
            CyclesSinceCalibration ?? 0,
            0,
            10_000_000,
            "cyclesSinceCalibration",
            "The cycles must not be negative."
        );
        Within(LeastMm2 ?? 1, 0.01, 1000, "leastMm2", "A size must be from 0.01 to 1,000 mm².");
        Within(
            MostMm2 ?? LeastMm2 ?? 1,
            LeastMm2 ?? 0.01,
            1000,
            "mostMm2",
            "The largest size must be from the smallest to 1,000 mm²."
        );
        if (Tool == ShelfTool.TorqueDriver && ScaleNm is null)
        {
            throw new ImpossibleInputException("scaleNm", "A torque tool needs the end of its scale.");
        }
    }
}
