using Lacet.Exchange.Documents;

namespace Lacet.Workshop.Records;

/// <summary>How it was tightened, as a client sends it.</summary>
/// <param name="Method">reading, preset, by-feel; seated where nothing is tightened.</param>
/// <param name="ReadingId">The peak of a connected tool; then value, unit and tool are taken from it.</param>
/// <param name="Value">A reading typed in, or the preset tool's setting.</param>
/// <param name="Unit">N·m, lbf·in or lbf·ft.</param>
/// <param name="Tool">Which tool.</param>
public sealed record NewTightening(
    TighteningMethod Method,
    Guid? ReadingId = null,
    double? Value = null,
    string? Unit = null,
    string? Tool = null
);
