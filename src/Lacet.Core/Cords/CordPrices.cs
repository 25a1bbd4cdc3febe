using Lacet.Core.Quantities;

namespace Lacet.Core.Cords;

/// <summary>What parts and time cost: usual figures, for whoever has none of their own.</summary>
/// <param name="Plug">A plug.</param>
/// <param name="Cord">A moulded cord.</param>
/// <param name="RefitMinutes">Fitting a plug with care.</param>
/// <param name="ReplaceMinutes">Putting a moulded cord in.</param>
/// <param name="AnHour">An hour of work.</param>
public sealed record CordPrices(
    double Plug = 8,
    double Cord = 14,
    double RefitMinutes = 20,
    double ReplaceMinutes = 15,
    double AnHour = 60
)
{
    /// <summary>Fitting a new plug.</summary>
    public CordWay ToRefit() => Way(Plug, RefitMinutes);

    /// <summary>Putting in a new cord.</summary>
    public CordWay ToReplace() => Way(Cord, ReplaceMinutes);

    /// <summary>These prices; throws <see cref="ImpossibleInputException"/> where one cannot be.</summary>
    public CordPrices Checked()
    {
        foreach (
            var (name, value) in new[]
            {
                ("plug", Plug),
                ("cord", Cord),
                ("refitMinutes", RefitMinutes),
                ("replaceMinutes", ReplaceMinutes),
                ("anHour", AnHour),
            }
        )
        {
            if (!(value is >= 0 and <= 100_000))
            {
                throw new ImpossibleInputException($"prices.{name}", "Give a price or minutes from 0 to 100,000.");
            }
        }

        return this;
    }

    private CordWay Way(double parts, double minutes) => new(parts, minutes, parts + (minutes / 60 * AnHour));
}
