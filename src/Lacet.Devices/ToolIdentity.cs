namespace Lacet.Devices;

/// <summary>How a tool identifies itself.</summary>
/// <param name="Id">Stable id, such as a serial number.</param>
/// <param name="Name">What a person calls it.</param>
/// <param name="Unit">Unit of its readings: N·m, lbf·in or lbf·ft.</param>
/// <param name="RangeMost">The end of its scale, in that unit.</param>
/// <param name="CalibratedOn">Date of its last calibration.</param>
/// <param name="StandIn">Whether it only stands in for a tool; then all its readings are simulated.</param>
/// <param name="CyclesSinceCalibration">How often it was used since then; null where it does not count.</param>
public sealed record ToolIdentity(
    string Id,
    string Name,
    string Unit,
    double RangeMost,
    DateOnly CalibratedOn,
    bool StandIn = false,
    int? CyclesSinceCalibration = null
);
