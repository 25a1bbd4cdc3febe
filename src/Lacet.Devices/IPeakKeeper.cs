namespace Lacet.Devices;

/// <summary>Keeps peaks until somebody records with them.</summary>
public interface IPeakKeeper
{
    /// <summary>Keeps one.</summary>
    Task KeepAsync(TorquePeak peak, CancellationToken cancellation);
}
