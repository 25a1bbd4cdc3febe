namespace Lacet.Exchange.Shelf;

/// <summary>What the cells of a column hold.</summary>
public enum ShelfCell
{
    /// <summary>Text.</summary>
    Text,

    /// <summary>A number, with a point.</summary>
    Number,

    /// <summary>true or false.</summary>
    Flag,

    /// <summary>One of a few words.</summary>
    Word,

    /// <summary>Some of a few words, parted by spaces.</summary>
    Words,

    /// <summary>Numbers, parted by spaces.</summary>
    Numbers,

    /// <summary>Pairs of terminals with what stands between, parted by semicolons: "contact 13 14; load A1 A2".</summary>
    Pairs,
}
