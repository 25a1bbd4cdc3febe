namespace Lacet.Core.Quantities;

/// <summary>
/// A physical quantity held as one number in SI (millimetres for lengths, newton metres for torques).
/// </summary>
/// <typeparam name="TSelf">The quantity itself.</typeparam>
public interface IQuantity<TSelf> : IComparable<TSelf>
    where TSelf : struct, IQuantity<TSelf>
{
    /// <summary>The unit of <see cref="Value"/>, as it is printed.</summary>
    static abstract string Unit { get; }

    /// <summary>
    /// What is lost where a value is written and read again: no more than this off a limit still passes.
    /// </summary>
    static abstract double Hair { get; }

    /// <summary>The number in <see cref="Unit"/>.</summary>
    double Value { get; }

    /// <summary>Says one part of a window in both systems, ends rounded inward.</summary>
    static abstract Readout Read(Window<TSelf> window, WindowPart part);
}
