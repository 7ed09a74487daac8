# frozen_string_literal: true

require "json"
require "rack/test"

module Former
  # What a maker does on a day, through the application: she begins, adds a tool and fabric, weighs and picks, draws a block and
  # a quilt, practises, shows a project, removes and puts back, and takes a copy.
  class Visit
    RULER = { "id" => "small", "name" => "Small rule", "kind" => "straight_ruler", "width" => "3", "length" => "12.5" }.freeze
    UNIT = { "kind" => "half_square", "finished" => "2 1/2", "count" => 30 }.freeze
    CELLS = [[{ "cut" => "rising", "fabrics" => %w[1 2] }, { "cut" => "falling", "fabrics" => %w[1 2] }]].freeze
    PICTURE = { "cells" => CELLS, "finished" => "6" }.freeze

    # @param app [#call]
    # @param tool [String] what her tool is called in the file
    def initialize(app, tool: "small")
      @ruler = RULER.merge("id" => tool)
      @session = Rack::Test::Session.new(app)
      @session.header("Host", "localhost")
    end

    # @return [void]
    def make
      ask(:post, "/api/start", { bench: "own" })
      shelf
      project = ask(:post, "/api/projects", { name: "Eel pond", seam_allowance: "1/4" })
      units(project)
      quilted(ask(:post, "/api/blocks", { name: "Gull", picture: PICTURE }), project)
      looked(project)
    end

    private

    # A save has a key, as those of the page have; what is not answered well breaks off.
    def ask(method, path, body = nil)
      @session.header("Idempotency-Key", method == :get ? nil : SecureRandom.uuid)
      @session.header("Content-Type", "application/json")
      @session.custom_request(method.to_s.upcase, path, {}, input: body ? JSON.generate(body) : "")
      answer = @session.last_response
      raise "#{method} #{path}: #{answer.status} #{answer.body[0, 300]}" unless answer.successful?

      answer.media_type == "application/json" && !answer.body.empty? ? JSON.parse(answer.body) : nil
    end

    def shelf
      tool = ask(:post, "/api/tools", { tool: @ruler })
      ask(:patch, "/api/tools/#{tool['id']}", { lock_version: 0, tool: @ruler.merge("name" => "Tiny rule") })
      other = ask(:post, "/api/tools", { tool: @ruler.merge("id" => "other_#{@ruler['id']}", "name" => "Other") })
      ask(:delete, "/api/tools/#{other['id']}?lock_version=0")
      ask(:post, "/api/tools/table", { csv: ask(:get, "/api/tools.csv").to_s + @session.last_response.body })
      @fabric = ask(:post, "/api/fabrics", { name: "Silt", fabric: { form: "yardage", usable_width: "42", length: "72" } })
      ask(:patch, "/api/fabrics/#{@fabric['id']}", { lock_version: 0, name: "Mud", fabric: @fabric["fabric"] })
      maker = ask(:get, "/api/maker")
      ask(:patch, "/api/maker", { lock_version: maker["lock_version"], priorities: { fabric: 3 } })
      ask(:post, "/api/practice/left_or_right", { right: 9, asked: 10 })
    end

    def units(project)
      unit = ask(:post, "/api/projects/#{project['id']}/units", { label: "Foam", unit: UNIT, fabrics: { light: @fabric["id"] } })
      unit = ask(:patch, "/api/units/#{unit['id']}", { label: "Spray", lock_version: unit["lock_version"] })
      picked = ask(:put, "/api/units/#{unit['id']}/pick", { method: "rotary/patches", unit: unit["unit"], lock_version: unit["lock_version"] })
      ask(:delete, "/api/units/#{unit['id']}/pick?lock_version=#{picked['lock_version'] || unit['lock_version'].next}")
      away = ask(:post, "/api/projects/#{project['id']}/units", { label: "Away", unit: UNIT })
      gone = ask(:delete, "/api/units/#{away['id']}?lock_version=#{away['lock_version']}")
      ask(:post, "/api/units/#{away['id']}/back", { lock_version: gone["lock_version"] })
    end

    def quilted(drawn, project)
      ask(:patch, "/api/blocks/#{drawn['id']}", { lock_version: drawn["lock_version"], name: "Tern" })
      quilt = { blocks: [{ id: drawn["id"], count: 18 }], setting: { layout: "straight", across: 3, down: 6 } }
      ask(:post, "/api/projects/#{project['id']}/quilt", quilt)
      ask(:patch, "/api/projects/#{project['id']}", { lock_version: ask(:get, "/api/projects/#{project['id']}")["lock_version"], quilt: quilt })
    end

    def looked(project)
      ask(:post, "/api/projects/#{project['id']}/link")
      ask(:delete, "/api/projects/#{project['id']}/link")
      ask(:post, "/api/projects/#{project['id']}/copy", { name: "Ebb" })
      %w[/api/start /api/tools /api/fabrics /api/fabrics/promised /api/projects /api/blocks /api/practice /api/places /api/bench].each { |path| ask(:get, path) }
    end
  end
end
