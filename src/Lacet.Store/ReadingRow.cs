namespace Lacet.Store;

/// <summary>A peak that a device read.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Tool">Which tool.</param>
/// <param name="NewtonMetres">The peak, N·m.</param>
/// <param name="Simulated">Whether a stand-in read it.</param>
public sealed record ReadingRow(Guid Id, string Tool, double NewtonMetres, bool Simulated);
