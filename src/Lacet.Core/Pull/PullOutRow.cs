namespace Lacet.Core.Pull;

/// <summary>A row of the table "pull-out".</summary>
/// <param name="Mm2">Metric size; null where the row has none.</param>
/// <param name="Gauges">Gauges, parted by a bar.</param>
/// <param name="Newtons">Type test, N.</param>
public sealed record PullOutRow(double? Mm2, string Gauges, double Newtons);
