namespace Lacet.Core.Drawings;

/// <summary>A connector from its mating side: its pins counted from the flat with the key, either way round.</summary>
/// <param name="Scene">The drawing, mm; sizes are generic.</param>
/// <param name="Pins">Each pin.</param>
public sealed record ConnectorFace(Scene Scene, IReadOnlyList<PinSpot> Pins)
{
    private const double Pitch = 8,
        Margin = 6;

    /// <summary>
    /// The face of so many pins in rows. Pin 1 stands at the left of the row along the key when the key is on top;
    /// <paramref name="turned"/> is the same connector as a board has it that mounts it the other way round.
    /// </summary>
    public static ConnectorFace Of(int pins, int rows, bool turned)
    {
        var each = pins / rows;
        var (wide, high) = ((each * Pitch) + (2 * Margin), (rows * Pitch) + (2 * Margin));
        (double X, double Y) At(double x, double y) => turned ? (wide - x, high - y) : (x, y);
        var sheet = new Sheet();
        sheet.Box("body", PartKind.Body, 0, 0, wide, high);
        var (left, top) = At((wide / 2) - 7, -3);
        var (right, bottom) = At((wide / 2) + 7, 1.5);
        sheet.Box(
            "key",
            PartKind.Lever,
            Math.Min(left, right),
            Math.Min(top, bottom),
            Math.Max(left, right),
            Math.Max(top, bottom)
        );
        var spots = new List<PinSpot>();
        for (var i = 0; i < pins; i++)
        {
            var (x, y) = At(Margin + (((i % each) + 0.5) * Pitch), Margin + (((i / each) + 0.5) * Pitch));
            spots.Add(new(i + 1, x, y));
            // The first is square, as boards mark it.
            sheet.Add(
                $"pin-{i + 1}",
                PartKind.Contact,
                i == 0 ? ScenePath.Rectangle(x - 3, y - 3, x + 3, y + 3) : ScenePath.Circle(x, y, 3)
            );
        }

        return new(
            new(
                sheet.Parts,
                [],
                $"A connector of {pins} pins from its mating side, its key {(turned ? "below" : "above")}, pin 1 {(turned ? "at the right" : "at the left")}"
            ),
            spots
        );
    }
}
