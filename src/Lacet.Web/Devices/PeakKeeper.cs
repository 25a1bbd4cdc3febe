using Lacet.Devices;
using Lacet.Store;

namespace Lacet.Web.Devices;

/// <summary>Keeps peaks in the store.</summary>
internal sealed class PeakKeeper(ReadingsTable readings) : IPeakKeeper
{
    public Task KeepAsync(TorquePeak peak, CancellationToken cancellation) =>
        readings.AddAsync(new(peak.Id, peak.Tool, peak.Torque.NewtonMetres, peak.Simulated), cancellation);
}
