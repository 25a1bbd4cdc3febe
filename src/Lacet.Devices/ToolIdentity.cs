namespace Lacet.Devices;

/// <summary>How a tool identifies itself.</summary>
/// <param name="Id">Stable id, such as a serial number.</param>
/// <param name="Unit">Unit of its readings: N·m, lbf·in or lbf·ft.</param>
/// <param name="RangeMost">The end of its scale, in that unit.</param>
/// <param name="CalibratedOn">Date of its last calibration.</param>
/// <param name="CyclesSinceCalibration">How often it was used since then; null where it does not count.</param>
public sealed record ToolIdentity(
    string Id,
    string Unit,
    double RangeMost,
    DateOnly CalibratedOn,
    int? CyclesSinceCalibration = null
);
