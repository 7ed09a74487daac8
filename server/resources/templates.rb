# frozen_string_literal: true

module Server
  module Resources
    # Templates to print and cut out: of a unit's patches, or of a template in the drawer; and an outline read out of an SVG.
    class Templates < Base
      TYPES = { "pdf" => "application/pdf", "svg" => "image/svg+xml" }.freeze

      TYPES.each_key do |type|
        get("/api/units/:id/templates.#{type}") { send_out(*of_unit, type) }
        get("/api/tools/:id/template.#{type}") { send_out(*of_tool, type) }
      end

      # Nothing in the file is run or fetched.
      post "/api/outlines" do
        answer OakenGauge.read_outline(read(required: %w[svg]) { |keys| keys.value("svg", :text) })
      end

      private

      def of_unit
        unit = maker.units.here.find(params["id"])
        question = unit.weigh_document.merge(params.slice("at"))
        [OakenGauge.templates(question, blunt: params["blunt"] == "yes"), unit.label]
      end

      def of_tool
        tool = maker.tools.find(params["id"])
        pattern = OakenGauge.template_of(tool.document) or raise Problem.missing("template")
        [[pattern], tool.document["name"]]
      end

      def send_out(patterns, name, type)
        content_type TYPES.fetch(type)
        headers["content-disposition"] = %(attachment; filename="#{PlainName.of(name, empty: 'templates')}.#{type}")
        halt 200, type == "pdf" ? pdf(patterns) : OakenGauge.templates_svg(patterns)
      end

      def pdf(patterns)
        paper = OakenGauge.paper(params.fetch("paper", "letter")) or
          raise Problem.at("/paper", "is #{params['paper'].inspect}: allowed are letter and a4")
        printed = Printing::TemplatePdf.new(patterns, paper)
        unless printed.any?
          raise Problem.new(422, "That is larger than #{paper.class::MOST} sheets of #{paper.name}: save it as SVG and have it plotted.")
        end

        printed.render
      end
    end
  end
end
