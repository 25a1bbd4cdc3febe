namespace Lacet.Core.Landings;

/// <summary>A slotted screw as the torque tables ask for it.</summary>
public sealed record LugSlot
{
    /// <summary>Width and length of the slot in inches, and whether the screw is smaller than #10.</summary>
    public LugSlot(double widthIn, double lengthIn, bool smallerThanNumber10)
    {
        WidthIn = Given.Inches(widthIn, "landing.slotWidthIn", "A slot’s width", 0.01, 0.2)!.Value;
        LengthIn = Given.Inches(lengthIn, "landing.slotLengthIn", "A slot’s length", 0.05, 1)!.Value;
        SmallerThanNumber10 = smallerThanNumber10;
    }

    /// <summary>Width, inches.</summary>
    public double WidthIn { get; }

    /// <summary>Length, inches.</summary>
    public double LengthIn { get; }

    /// <summary>Whether the screw is smaller than #10, which has a table of its own.</summary>
    public bool SmallerThanNumber10 { get; }
}
