namespace Lacet.Exchange.Import;

/// <summary>What a cell looks like by itself; it may look like several things.</summary>
[Flags]
internal enum CellLook
{
    None = 0,

    /// <summary>Short, in one or two words: a name or number could be so.</summary>
    Name = 1,

    /// <summary>A whole number.</summary>
    Whole = 1 << 1,

    /// <summary>A number, with a point or a comma or without.</summary>
    Number = 1 << 2,

    /// <summary>A size that says its system.</summary>
    Size = 1 << 3,

    /// <summary>A bare number that is a size.</summary>
    BareSize = 1 << 4,

    /// <summary>A bare number that only mm² has: 0.75, 2,5.</summary>
    MetricSize = 1 << 5,

    /// <summary>A size with a colour, letters or a build.</summary>
    Conductor = 1 << 6,

    /// <summary>A colour.</summary>
    Colour = 1 << 7,

    /// <summary>A build, a metal, letters of a standard.</summary>
    Make = 1 << 8,

    /// <summary>A length with its unit.</summary>
    Length = 1 << 9,

    /// <summary>A function that is known.</summary>
    Function = 1 << 10,

    /// <summary>A device and its terminal.</summary>
    Place = 1 << 11,

    /// <summary>A device: letters and a number.</summary>
    Device = 1 << 12,

    /// <summary>What is written at a terminal.</summary>
    Terminal = 1 << 13,

    /// <summary>Nowhere: a dash, n/a, spare.</summary>
    Nowhere = 1 << 14,

    /// <summary>What a landing is, in words.</summary>
    Landing = 1 << 15,

    /// <summary>Amperes with their unit.</summary>
    Amps = 1 << 16,

    /// <summary>Volts with their unit.</summary>
    Volts = 1 << 17,

    /// <summary>A ferrule.</summary>
    Ferrule = 1 << 18,

    /// <summary>Three words and more.</summary>
    Sentence = 1 << 19,
}
