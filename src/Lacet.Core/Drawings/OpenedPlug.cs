namespace Lacet.Core.Drawings;

/// <summary>A plug from the side with its body opened, so that the ends under their screws are seen. All in mm of the
/// drawing (generic, from memory).</summary>
/// <param name="Middle">The height of its middle.</param>
/// <param name="Face">Where its face begins and ends.</param>
/// <param name="FaceHalf">Half the height of its face.</param>
/// <param name="Back">Where its body ends.</param>
/// <param name="FrontHalf">Half the height of its body at the face.</param>
/// <param name="BackHalf">Half the height of its body at the cord.</param>
/// <param name="Window">Where the opening begins and ends.</param>
/// <param name="WindowHalf">Half the height of the opening.</param>
/// <param name="Screws">Where the screws stand.</param>
/// <param name="Pitch">From one screw to the next.</param>
/// <param name="Head">Half of a screw’s head.</param>
/// <param name="Lead">How thick a conductor is.</param>
internal sealed record OpenedPlug(
    double Middle,
    (double From, double To) Face,
    double FaceHalf,
    double Back,
    double FrontHalf,
    double BackHalf,
    (double From, double To) Window,
    double WindowHalf,
    double Screws,
    double Pitch,
    double Head,
    double Lead
)
{
    /// <summary>The round pin of the earth: where it begins, where its tip begins and ends, and its lower and upper edge
    /// from the middle.</summary>
    public void EarthPin(Sheet sheet, double shoulder, double point, double lower, double upper) =>
        sheet.Add(
            "earth-pin",
            PartKind.Contact,
            new ScenePath()
                .MoveTo(Face.From, Middle + lower)
                .LineTo(shoulder, Middle + lower)
                .LineTo(point, Middle + ((lower + upper) / 2))
                .LineTo(shoulder, Middle + upper)
                .LineTo(Face.From, Middle + upper)
                .Close()
        );

    /// <summary>Its face, its body, the opening, and in it brass, silver and, where it has an earth, green.</summary>
    public void Body(Sheet sheet, bool earthed)
    {
        sheet.Box("face", PartKind.Body, Face.From, Middle - FaceHalf, Face.To, Middle + FaceHalf);
        sheet.Add(
            "plug",
            PartKind.Body,
            new ScenePath()
                .MoveTo(Face.To, Middle - FrontHalf)
                .LineTo(Back, Middle - BackHalf)
                .LineTo(Back, Middle + BackHalf)
                .LineTo(Face.To, Middle + FrontHalf)
                .Close()
        );
        sheet.Box("window", PartKind.Opening, Window.From, Middle - WindowHalf, Window.To, Middle + WindowHalf);
        (string Id, PartKind Kind, double Y)[] screws =
        [
            ("brass", PartKind.BrassScrew, -Pitch),
            ("silver", PartKind.SilverScrew, 0),
            ("green", PartKind.GreenScrew, Pitch),
        ];
        foreach (var (id, kind, y) in earthed ? screws : screws[..2])
        {
            sheet.Add(
                $"lead-{id}",
                PartKind.Strand,
                new ScenePath()
                    .MoveTo(Back, Middle + (y / 4))
                    .LineTo(Window.To - 2, Middle + (y / 2))
                    .LineTo(Screws, Middle + y),
                Lead
            );
            sheet.Add($"screw-{id}", kind, ScenePath.Circle(Screws, Middle + y, Head));
        }
    }
}
